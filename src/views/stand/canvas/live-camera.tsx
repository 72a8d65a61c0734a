import { CANVAS_TEXT } from '@/words';
import { Camera, X } from 'lucide-react';
import { frameOf } from '@/model';
import { Button } from '@/ui/button';
import { type CameraState, useLiveCamera } from '@/ui/use-live-camera';
import { useSession, useStand } from '../session';

/** The device's own camera, live in the frame and in its proportions, while it is on; a tap takes what it shows. */
export function LiveCamera() {
  const onFile = useSession((s) => s.onLivePicture);
  return onFile && <LivePicture onFile={onFile} />;
}

function LivePicture({ onFile }: { onFile: (file: File) => void }) {
  const goLive = useSession((s) => s.goLive);
  const frame = frameOf(useStand((s) => s.camera));
  const { video, state, take } = useLiveCamera();
  const keep = async () => {
    const at = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
    const file = await take(frame.widthMm / frame.heightMm, `live-${at}.jpg`);
    if (!file) return;
    goLive(null);
    onFile(file);
  };
  const isFault = state === 'not-allowed' || state === 'no-camera';
  return (
    <div role="group" aria-label="Live camera" className="absolute inset-0 z-10 bg-ground">
      {isFault ? (
        <p role="alert" className="p-3">
          {FAULTS[state]}
        </p>
      ) : (
        <video
          ref={video}
          muted
          playsInline
          aria-label="What the camera sees"
          className="size-full object-cover"
        />
      )}
      <div className="absolute inset-x-2 bottom-2 flex gap-2">
        {!isFault && (
          <Button kind="action" className="flex-1" disabled={state !== 'live'} onClick={() => void keep()}>
            <Camera size={20} aria-hidden /> Take this
          </Button>
        )}
        <Button className="flex-1" onClick={() => goLive(null)}>
          <X size={20} aria-hidden /> Close
        </Button>
      </div>
    </div>
  );
}

const FAULTS: Record<Exclude<CameraState, 'asking' | 'live'>, string> = {
  'not-allowed': CANVAS_TEXT.browserDidNotGive,
  'no-camera': CANVAS_TEXT.noCameraAnsweredDevice,
};
