import { ImageUp } from 'lucide-react';
import { Button } from '@/ui/button';
import { FilePicker } from '@/ui/file-picker';
import { PHOTO_FILES } from '../shared/photo-files';
import { type PictureLight } from './use-light';

interface PickedPictureProps {
  readonly label: string;
  readonly light: PictureLight | null;
  readonly onFile: (file: File) => void;
}

/** A picture that something is measured by: the way to choose it, and what became of it. */
export function PickedPicture({ label, light, onFile }: PickedPictureProps) {
  return (
    <div className="min-w-0">
      <FilePicker label={label} accept={PHOTO_FILES} onFile={onFile}>
        {(pick) => (
          <Button className="w-full" onClick={pick}>
            <ImageUp size={18} aria-hidden /> {label}
          </Button>
        )}
      </FilePicker>
      {light && (
        <p
          role={light.phase === 'refused' ? 'alert' : 'status'}
          className={`mt-1 text-sm break-words ${light.phase === 'refused' ? 'text-fault' : 'text-quiet'}`}
        >
          {light.phase === 'refused'
            ? light.why
            : light.phase === 'reading'
              ? `${light.name} is being read…`
              : light.name}
        </p>
      )}
    </div>
  );
}
