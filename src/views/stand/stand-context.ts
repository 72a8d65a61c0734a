import { createContext, useContext } from 'react';
import { type FramePoint } from '@/core/field';
import {
  type Bag,
  type Brush,
  type Carry,
  type Derived,
  type NextReading,
  type PrepareResult,
  type ReadRole,
  type Stand,
  type StandDocument,
  type Study,
} from '@/model';
import { type AnswersState, type DocumentStore } from '@/store';
import { type WorkingOf } from '@/words';
import { type Photo } from './picture/use-photo';
import { type PictureIn } from './picture/use-picture-in';
import { type Zoom } from './picture/zoom';

/** The steps that there are, in working order. */
export const STEPS = ['frame', 'read', 'balance', 'seat'] as const;
export type Step = (typeof STEPS)[number];

export const STEP_TITLES: Record<Step, string> = {
  frame: 'Frame',
  read: 'Read',
  balance: 'Balance',
  seat: 'Seat',
};

/** What a phone shows above the slip. */
export type PhoneView = 'frame' | 'holder' | 'ladder';

/** A reading that is being entered. */
export interface ReadingDraft {
  readonly role: ReadRole;
  /** Where it will lie; null for a reading without a place. */
  readonly place: FramePoint | null;
  /** It is to be held, not to be balanced. */
  readonly limit: boolean;
  /** The reading whose spot is read again; null: a new one. */
  readonly again: string | null;
}

export type Selection =
  | { readonly kind: 'reading'; readonly id: string }
  | { readonly kind: 'point'; readonly index: number }
  | { readonly kind: 'shape'; readonly id: string }
  | null;

/** Everything that the parts of a stand's screen share. */
export interface StandAccess {
  readonly document: DocumentStore<StandDocument>;
  readonly stand: Stand;
  /** What carries its readings to now, which everything derived is worked out with; null where nothing does. */
  readonly carry: Carry | null;
  /** Whether readings are carried where their light's fall is known. */
  readonly carries: boolean;
  readonly setCarries: (on: boolean) => void;
  /** The bag that the stand is solved with. */
  readonly bag: Bag;
  /** The stand brought a bag of its own. */
  readonly ownBag: boolean;
  readonly ready: PrepareResult;
  readonly derived: Derived;
  readonly search: AnswersState<unknown>['work'];
  /** How much of a search that takes its time is done, 0 to 1. */
  readonly progress: number | null;
  /** What is worked out beside the plan; null while it does not belong to the stand as it is. */
  readonly study: Study | null;
  /** The reading that would help most now; null outside the step that reads, and where none would. */
  readonly next: NextReading | null;
  readonly edit: (change: (stand: Stand) => Stand) => void;
  readonly step: Step;
  readonly setStep: (step: Step) => void;
  readonly phoneView: PhoneView;
  readonly setPhoneView: (view: PhoneView) => void;
  /** The frame is shown without glass for as long as something is held. */
  readonly bare: boolean;
  readonly setBare: (bare: boolean) => void;
  readonly selection: Selection;
  readonly select: (selection: Selection) => void;
  /** Angle of the meter on the picture, degrees; null: readings come from a meter of one's own. */
  readonly pictureMeterDeg: number | null;
  readonly setPictureMeter: (angleDeg: number | null) => void;
  readonly draft: ReadingDraft;
  readonly setDraft: (draft: ReadingDraft) => void;
  /** Corners of the shape that is being drawn; null while none is. */
  readonly outline: readonly FramePoint[] | null;
  readonly setOutline: (outline: readonly FramePoint[] | null) => void;
  /** What part of the frame is looked at. */
  readonly zoom: Zoom;
  readonly setZoom: (change: (zoom: Zoom) => Zoom) => void;
  /** What a finger in the frame does to the outline: null, it sets corners or draws round. */
  readonly brush: Brush | null;
  readonly setBrush: (brush: Brush | null) => void;
  readonly photo: Photo;
  /** Pictures on their way into the frame. */
  readonly pictureIn: PictureIn;
  /** The frame is shown without its colours. */
  readonly isMonochrome: boolean;
  readonly setMonochrome: (on: boolean) => void;
  /** What falls outside the sensor's window is marked in the frame. */
  readonly marksClips: boolean;
  readonly setMarksClips: (on: boolean) => void;
  /** A level grid lies over the frame. */
  readonly showsGrid: boolean;
  readonly setShowsGrid: (on: boolean) => void;
  /** Which exposure of a bracket the frame shows. */
  readonly bracketFrame: number;
  readonly showBracketFrame: (index: number) => void;
  /** The figure whose working is shown. */
  readonly workingOf: WorkingOf | null;
  readonly showWorking: (of: WorkingOf | null) => void;
}

export const StandContext = createContext<StandAccess | null>(null);

export function useStand(): StandAccess {
  const access = useContext(StandContext);
  if (!access) throw new Error('no stand around this view');
  return access;
}
