import { Camera, ImagePlus, Video } from 'lucide-react';
import { Button } from '@/ui/button';
import { FilePicker } from '@/ui/file-picker';
import { cameraIsThere } from '@/ui/use-live-camera';
import { useSession } from '../session';
import { IntakeState } from './intake-state';
import { PHOTO_FILES } from '../../shared/photo-files';

interface PicturePickersProps {
  /** What the picture is. */
  label: string;
  /** It can be taken off the device's camera, live in the frame. */
  live?: boolean;
  onFile: (file: File) => void;
}

/** A picture from the device's camera or from a file, as large as thumbs, and how far its reading has come. */
export function PicturePickers({ label, live = false, onFile }: PicturePickersProps) {
  const goLive = useSession((s) => s.goLive);
  const hasCamera = live && cameraIsThere();
  return (
    <>
      <IntakeState />
      <div className={`grid gap-2 ${hasCamera ? 'grid-cols-3' : 'grid-cols-2'}`}>
        {hasCamera && (
          <Button className="min-h-16!" onClick={() => goLive(onFile)}>
            <Video size={20} aria-hidden /> Live
          </Button>
        )}
        <FilePicker label={`${label}, from the camera`} accept="image/*" capture onFile={onFile}>
          {(pick) => (
            <Button className="min-h-16!" onClick={pick}>
              <Camera size={20} aria-hidden /> Camera
            </Button>
          )}
        </FilePicker>
        <FilePicker label={label} accept={PHOTO_FILES} onFile={onFile}>
          {(pick) => (
            <Button className="min-h-16!" onClick={pick}>
              <ImagePlus size={20} aria-hidden /> File
            </Button>
          )}
        </FilePicker>
      </div>
    </>
  );
}
