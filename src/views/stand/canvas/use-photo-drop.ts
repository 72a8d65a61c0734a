import { useEffect } from 'react';
import { useDropzone } from 'react-dropzone';
import { usePhotoIntake, useSession } from '../session';

/** Takes a picture that is dropped on an element, or pasted anywhere but into a field. */
export function usePhotoDrop() {
  const { take } = usePhotoIntake();
  const setStep = useSession((s) => s.setStep);
  useEffect(() => {
    const onPaste = (event: ClipboardEvent) => {
      const file = [...(event.clipboardData?.files ?? [])].find((f) => f.type.startsWith('image/'));
      if (!file) return;
      event.preventDefault();
      setStep('frame');
      take(file);
    };
    document.addEventListener('paste', onPaste);
    return () => document.removeEventListener('paste', onPaste);
  });
  return useDropzone({
    noClick: true,
    noKeyboard: true,
    multiple: false,
    onDrop: ([file]) => {
      if (!file) return;
      setStep('frame');
      take(file);
    },
  });
}
