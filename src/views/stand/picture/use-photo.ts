import { useEffect, useState } from 'react';
import { type StandPicture } from '@/model';
import { type Workspace } from '@/store';

/** The pixels of a stand's picture. */
export interface Photo {
  /** Null until they are there. */
  readonly bitmap: ImageBitmap | null;
  /** They are not on this device: the stand came without them. */
  readonly isMissing: boolean;
}

const NONE: Photo = { bitmap: null, isMissing: false };

export function usePhoto(workspace: Workspace, picture: StandPicture | undefined): Photo {
  const [found, setFound] = useState<(Photo & { readonly sha256: string }) | null>(null);
  const sha256 = picture?.sha256;
  useEffect(() => {
    if (!sha256) return;
    let isWanted = true;
    const decoded = async () => {
      const stored = await workspace.findPicture(sha256);
      return stored && createImageBitmap(new Blob([stored.bytes], { type: stored.type }));
    };
    // what cannot be decoded is as good as not there
    void decoded()
      .catch(() => null)
      .then((bitmap) => isWanted && setFound({ sha256, bitmap, isMissing: !bitmap }));
    return () => {
      isWanted = false;
    };
  }, [workspace, sha256]);
  return found && found.sha256 === sha256 ? found : NONE;
}
