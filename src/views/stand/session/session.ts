import { createStore, type StoreApi } from 'zustand/vanilla';
import { type FramePoint } from '@/core/field';
import { type Assumable, type Brush, type Glass, type ReadRole, type Sight } from '@/model';
import { type WorkingOf } from '@/words';
import { WHOLE, type Zoom } from './zoom';

/** The steps that there are, in working order. */
export const STEPS = ['frame', 'read', 'balance', 'seat', 'expose', 'check'] as const;
export type Step = (typeof STEPS)[number];

export const STEP_TITLES: Record<Step, string> = {
  frame: 'Frame',
  read: 'Read',
  balance: 'Balance',
  seat: 'Seat',
  expose: 'Expose',
  check: 'Check',
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

export interface MeterAs {
  readonly aperture: number;
  readonly iso: number;
}

export type Selection =
  | { readonly kind: 'reading'; readonly id: string }
  | { readonly kind: 'point'; readonly index: number }
  | { readonly kind: 'shape'; readonly id: string }
  | null;

interface Shown {
  readonly step: Step;
  /** The part of the step that its link is about: it lands there. */
  readonly landing: Assumable | null;
  readonly phoneView: PhoneView;
  /** The frame is shown without glass for as long as something is held. */
  readonly bare: boolean;
  /** The frame is shown through this glass for as long as a row of it is held; null: through what is in use. */
  readonly peek: Glass | null;
  readonly selection: Selection;
  /** Angle of the meter on the picture, degrees; null: readings come from a meter of one's own. */
  readonly photoMeterDeg: number | null;
  /** Where the meter on the picture is pointed at the moment. */
  readonly aim: FramePoint | null;
  readonly draft: ReadingDraft;
  /** A meter of one's own that is set otherwise than the stand is exposed with; null: as that. */
  readonly meterAs: MeterAs | null;
  /** Corners of the shape that is being drawn; null while none is. */
  readonly outline: readonly FramePoint[] | null;
  /** What a finger in the frame does to the outline: null, it sets corners or draws round. */
  readonly brush: Brush | null;
  /** What part of the frame is looked at. */
  readonly zoom: Zoom;
  /** The frame is shown without its colours. */
  readonly isMonochrome: boolean;
  /** What falls outside the sensor's window is marked in the frame. */
  readonly marksClips: boolean;
  /** A level grid lies over the frame. */
  readonly showsGrid: boolean;
  /** Which exposure of a bracket the frame shows; there may be fewer by now. */
  readonly bracketFrame: number;
  /** What of the last shot is being told: it is asked how much of it. */
  readonly telling: Sight | null;
  /** The frame stands above the questions on a phone, so that a place can be shown in it. */
  readonly isShowing: boolean;
  /** The figure whose working is shown. */
  readonly workingOf: WorkingOf | null;
  /** Takes the picture of the device's camera, which fills the frame live; null: it is off. */
  readonly onLivePicture: ((file: File) => void) | null;
  /** Readings are carried where their light's fall is known. */
  readonly carries: boolean;
}

interface Doing {
  /** Opens a step; it brings the drawing that it is about. */
  readonly setStep: (step: Step, landing?: Assumable) => void;
  readonly setPhoneView: (view: PhoneView) => void;
  readonly setBare: (bare: boolean) => void;
  readonly setPeek: (glass: Glass | null) => void;
  readonly select: (selection: Selection) => void;
  readonly setPhotoMeter: (angleDeg: number | null) => void;
  readonly setAim: (aim: FramePoint | null) => void;
  readonly setDraft: (change: Partial<ReadingDraft>) => void;
  readonly setMeterAs: (settings: MeterAs | null) => void;
  readonly setOutline: (outline: readonly FramePoint[] | null) => void;
  readonly setBrush: (brush: Brush | null) => void;
  readonly setZoom: (change: (zoom: Zoom) => Zoom) => void;
  readonly setMonochrome: (on: boolean) => void;
  readonly setMarksClips: (on: boolean) => void;
  readonly setShowsGrid: (on: boolean) => void;
  readonly showBracketFrame: (index: number) => void;
  readonly tell: (sight: Sight | null) => void;
  readonly setShowing: (on: boolean) => void;
  readonly showWorking: (of: WorkingOf | null) => void;
  readonly goLive: (onLivePicture: ((file: File) => void) | null) => void;
  readonly setCarries: (on: boolean) => void;
}

/** What the screen of one stand shows and how it is being worked with; nothing of it is kept. */
export type Session = Shown & Doing;

/**
 * @param step the step that is open first
 * @param photoMeterDeg the angle of the meter that is in hand first; null: one of one's own
 */
export const createSession = (step: Step, photoMeterDeg: number | null = null): StoreApi<Session> =>
  createStore<Session>()((set) => ({
    step,
    landing: null,
    phoneView: 'frame',
    bare: false,
    peek: null,
    selection: null,
    photoMeterDeg,
    aim: null,
    draft: { role: 'land', place: null, limit: false, again: null },
    meterAs: null,
    outline: null,
    brush: null,
    zoom: WHOLE,
    isMonochrome: false,
    marksClips: false,
    showsGrid: false,
    bracketFrame: 0,
    telling: null,
    isShowing: false,
    workingOf: null,
    onLivePicture: null,
    carries: true,
    setStep: (step, landing) =>
      set({
        step,
        landing: landing ?? null,
        onLivePicture: null,
        telling: null,
        isShowing: false,
        phoneView: step === 'seat' ? 'holder' : 'frame',
      }),
    setPhoneView: (phoneView) => set({ phoneView }),
    setBare: (bare) => set({ bare }),
    setPeek: (peek) => set({ peek }),
    select: (selection) => set({ selection }),
    setPhotoMeter: (photoMeterDeg) => set({ photoMeterDeg }),
    setAim: (aim) => set({ aim }),
    setDraft: (change) => set(({ draft }) => ({ draft: { ...draft, ...change } })),
    setMeterAs: (meterAs) => set({ meterAs }),
    setOutline: (outline) => set({ outline }),
    setBrush: (brush) => set({ brush }),
    setZoom: (change) => set(({ zoom }) => ({ zoom: change(zoom) })),
    setMonochrome: (isMonochrome) => set({ isMonochrome }),
    setMarksClips: (marksClips) => set({ marksClips }),
    setShowsGrid: (showsGrid) => set({ showsGrid }),
    showBracketFrame: (bracketFrame) => set({ bracketFrame }),
    tell: (telling) => set({ telling, isShowing: false }),
    setShowing: (isShowing) => set({ isShowing }),
    showWorking: (workingOf) => set({ workingOf }),
    goLive: (onLivePicture) => set({ onLivePicture, phoneView: 'frame' }),
    setCarries: (carries) => set({ carries }),
  }));
