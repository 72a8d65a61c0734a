import { createStore, type StoreApi } from 'zustand/vanilla';
import { type Coding } from '@/core/photo';
import { codingOf, type StandPhoto } from '@/model';
import { type Shelf } from './intake';

/** A stand, as it is kept, that tells when it has changed. */
interface Source {
  getState(): { readonly value: { readonly stand: { readonly picture?: StandPhoto | undefined } } };
  subscribe(listener: () => void): () => void;
}

/** Pixels, and how their bytes stand for light. */
export interface CodedPixels {
  readonly image: ImageBitmap;
  readonly coding: Coding;
}

/** The pixels of a stand's picture. */
export interface Photo {
  /** Null until they are there. */
  readonly shown: CodedPixels | null;
  /** They are not on this device: the stand came without them. */
  readonly isMissing: boolean;
}

export interface ShownPhoto {
  readonly state: StoreApi<Photo>;
  /** Holds the pixels of the picture that the stand has by then; ends with what it returns. */
  start(): () => void;
}

const NONE: Photo = { shown: null, isMissing: false };

/** Keeps at hand the pixels of the picture that a stand has, and gives them back when it has another, or is left. */
export function shownPhoto(document: Source, { findPhoto }: Pick<Shelf, 'findPhoto'>): ShownPhoto {
  const state = createStore<Photo>()(() => NONE);
  let wanted: string | undefined;

  const show = (photo: Photo) => {
    state.getState().shown?.image.close();
    state.setState(photo);
  };
  const decoded = async (picture: StandPhoto): Promise<CodedPixels | null> => {
    const stored = await findPhoto(picture.sha256);
    if (!stored) return null;
    const image = await createImageBitmap(new Blob([stored.bytes], { type: stored.type }));
    return { image, coding: codingOf(picture) };
  };
  const follow = (picture: StandPhoto | undefined) => {
    if (picture?.sha256 === wanted) return;
    wanted = picture?.sha256;
    show(NONE);
    if (!picture) return;
    // what cannot be decoded is as good as not there
    void decoded(picture)
      .catch(() => null)
      .then((shown) => {
        if (wanted === picture.sha256) show({ shown, isMissing: !shown });
        else shown?.image.close();
      });
  };
  return {
    state,
    start: () => {
      const look = () => follow(document.getState().value.stand.picture);
      look();
      const end = document.subscribe(look);
      return () => {
        end();
        follow(undefined);
      };
    },
  };
}
