import { type RefObject, useCallback, useEffect, useRef, useState } from 'react';

/** How far a device's camera has come: `asking` for leave, `live`, or why there is no picture. */
export type CameraState = 'asking' | 'live' | 'not-allowed' | 'no-camera';

/** Whether a page may ask for the device's camera at all: over plain HTTP it may not. */
export const cameraIsThere = (): boolean => typeof navigator.mediaDevices?.getUserMedia === 'function';

const WIDEST = { width: { ideal: 1920 }, height: { ideal: 1440 } };

/** The device's camera, the one that looks away from who holds it, shown in a video for as long as this is mounted. */
export function useLiveCamera(): {
  readonly video: RefObject<HTMLVideoElement | null>;
  readonly state: CameraState;
  /** The picture as it stands, the largest of a proportion about its middle, as a file; null where there is none yet. */
  readonly take: (aspect: number, name: string) => Promise<File | null>;
} {
  const video = useRef<HTMLVideoElement>(null);
  const [state, setState] = useState<CameraState>('asking');
  useEffect(() => {
    let stream: MediaStream | null = null;
    let isHere = true;
    const end = () => stream?.getTracks().forEach((track) => track.stop());
    navigator.mediaDevices
      .getUserMedia({ video: { facingMode: { ideal: 'environment' }, ...WIDEST } })
      .then(async (given) => {
        stream = given;
        if (!isHere || !video.current) return end();
        video.current.srcObject = given;
        await video.current.play();
        setState('live');
      })
      .catch((fault: unknown) => {
        if (isHere) setState((fault as Error).name === 'NotAllowedError' ? 'not-allowed' : 'no-camera');
      });
    return () => {
      isHere = false;
      end();
    };
  }, []);
  const take = useCallback(async (aspect: number, name: string) => {
    const shown = video.current;
    if (!shown?.videoWidth) return null;
    const { width, height } = largestWithin(shown.videoWidth, shown.videoHeight, aspect);
    const canvas = new OffscreenCanvas(width, height);
    const [x, y] = [(shown.videoWidth - width) / 2, (shown.videoHeight - height) / 2];
    canvas.getContext('2d')?.drawImage(shown, x, y, width, height, 0, 0, width, height);
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.92 });
    return new File([blob], name, { type: blob.type });
  }, []);
  return { video, state, take };
}

/** The largest size of a proportion that lies within another, whole pixels. */
export function largestWithin(width: number, height: number, aspect: number) {
  return width / height > aspect
    ? { width: Math.round(height * aspect), height }
    : { width, height: Math.round(width / aspect) };
}
