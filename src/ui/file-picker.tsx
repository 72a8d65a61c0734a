import { type ReactNode, useId } from 'react';

export interface FilePickerProps {
  label: string;
  /** Kinds of files, as an input takes them. */
  accept: string;
  onFile: (file: File) => void;
  /** Opens the device's camera where it has one. */
  capture?: boolean;
  /** What opens it. */
  children: (pick: () => void) => ReactNode;
}

/** A file chosen from the device; the same one may be chosen again. */
export function FilePicker({ label, accept, onFile, capture = false, children }: FilePickerProps) {
  const id = useId();
  return (
    <>
      {children(() => document.getElementById(id)?.click())}
      <input
        id={id}
        type="file"
        accept={accept}
        {...(capture ? { capture: 'environment' as const } : {})}
        aria-label={label}
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const [file] = e.target.files ?? [];
          if (file) onFile(file);
          e.target.value = '';
        }}
      />
    </>
  );
}
