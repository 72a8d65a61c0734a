import { useEffect, useState } from 'react';
import { type StandPicture } from '@/model';
import { useWorkspace } from '../../shell/workspace-context';

/** The pixels of a stand's picture; null until they are there, and where they are not on this device. */
export function usePhoto(picture: StandPicture | undefined): ImageBitmap | null {
  const { workspace } = useWorkspace();
  const [photo, setPhoto] = useState<{ readonly sha256: string; readonly bitmap: ImageBitmap } | null>(null);
  const sha256 = picture?.sha256;
  useEffect(() => {
    if (!sha256) return;
    let isWanted = true;
    void (async () => {
      const stored = await workspace.findPicture(sha256);
      const bitmap = stored && (await createImageBitmap(new Blob([stored.bytes], { type: stored.type })));
      if (isWanted && bitmap) setPhoto({ sha256, bitmap });
    })().catch(() => {}); // the drawn ground stays
    return () => {
      isWanted = false;
    };
  }, [workspace, sha256]);
  return photo && photo.sha256 === sha256 ? photo.bitmap : null;
}
