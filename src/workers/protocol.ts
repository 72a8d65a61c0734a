import { type Coding } from '@/core/photo';
import type { SceneOrder } from '@/core/scene';
import {
  type Bag,
  type FileCheck,
  type Pixels,
  type Solution,
  type Stand,
  type StandPhoto,
  type Study,
  type Take,
} from '@/model';
import { type FileMatches } from '@/model/ledger';
// a bare import would bring the reader of exposure data into the page
import type { PhotoRead, SkylineRead } from '@/photos/read-photo';
import type { SceneRead } from '@/photos/read-scene';
import type { Card } from '@/render/card/card';
import type { StandForCard } from './card';
import type { Glance, StandToGlanceAt } from './glance';
import type { LittlesToPaint } from './little';
import type { FilesToMatch } from './match';
import type { Measured, ToMeasure } from './measure';

/** What each kind of job takes and gives. */
export interface Jobs {
  solve: { readonly input: { readonly stand: Stand; readonly bag: Bag }; readonly output: Solution };
  /** A picture file, to be kept. */
  picture: {
    readonly input: { readonly bytes: ArrayBuffer; readonly name: string };
    readonly output: PhotoRead;
  };
  /** A picture that is kept. */
  skyline: {
    readonly input: { readonly bytes: ArrayBuffer; readonly type: string; readonly coding: Coding };
    readonly output: SkylineRead | null;
  };
  /** A simulated scene. */
  scene: { readonly input: SceneOrder; readonly output: SceneRead };
  /** What a list shows of a stand. */
  glance: { readonly input: StandToGlanceAt; readonly output: Glance };
  /** All that a stand's card is laid out from. */
  card: { readonly input: StandForCard; readonly output: Card };
  /** The stand in little through one set of glass after another. */
  little: { readonly input: LittlesToPaint; readonly output: readonly Pixels[] };
  /** What pictures say of glass. */
  measure: { readonly input: ToMeasure; readonly output: Measured };
  /** Files of a card and the shots that they are of. */
  match: { readonly input: FilesToMatch; readonly output: FileMatches };
  /** The file of a shot, held against its plan. */
  compare: {
    readonly input: {
      readonly stand: Stand;
      readonly bag: Bag;
      readonly take: Take;
      readonly photo: StandPhoto;
    };
    readonly output: FileCheck;
  };
  study: { readonly input: { readonly stand: Stand; readonly bag: Bag }; readonly output: Study };
}

export type JobKind = keyof Jobs;

export type JobRequest<K extends JobKind = JobKind> =
  | { readonly job: number; readonly type: 'start'; readonly kind: K; readonly input: Jobs[K]['input'] }
  /** Asks a running job to end; it looks between its steps. */
  | { readonly job: number; readonly type: 'cancel' };

export type JobAnswer<K extends JobKind = JobKind> =
  | { readonly job: number; readonly type: 'progress'; readonly part: number }
  /** An answer that holds until the whole one is there. */
  | { readonly job: number; readonly type: 'interim'; readonly output: Jobs[K]['output'] }
  | { readonly job: number; readonly type: 'done'; readonly output: Jobs[K]['output'] }
  | {
      readonly job: number;
      readonly type: 'failed';
      readonly code: 'crashed' | 'cancelled';
      readonly message: string;
    };
