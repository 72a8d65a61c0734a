import { useEffect, useState } from 'react';
import { codingOf, type StandPicture } from '@/model';
import { type CodedImage } from '@/render';
import { type Workspace } from '@/store';

/** The pixels of a stand's picture. */
export interface Photo {
  /** Null until they are there. */
  readonly shown: CodedImage | null;
  /** They are not on this device: the stand came without them. */
  readonly isMissing: boolean;
}

const NONE: Photo = { shown: null, isMissing: false };

export function usePhoto(workspace: Workspace, picture: StandPicture | undefined): Photo {
  const [found, setFound] = useState<(Photo & { readonly of: StandPicture }) | null>(null);
  const isFound = !!picture && found?.of.sha256 === picture.sha256;
  useEffect(() => {
    if (!picture || isFound) return;
    let isWanted = true;
    const decoded = async (): Promise<CodedImage | null> => {
      const stored = await workspace.findPicture(picture.sha256);
      if (!stored) return null;
      const image = await createImageBitmap(new Blob([stored.bytes], { type: stored.type }));
      return { image, coding: codingOf(picture) };
    };
    // what cannot be decoded is as good as not there
    void decoded()
      .catch(() => null)
      .then((shown) => {
        if (isWanted) setFound({ of: picture, shown, isMissing: !shown });
        else shown?.image.close();
      });
    return () => {
      isWanted = false;
    };
  }, [workspace, picture, isFound]);
  // pixels are given back when others take their place, and when the stand is left
  const image = found?.shown?.image;
  useEffect(() => () => image?.close(), [image]);
  return isFound ? found : NONE;
}
