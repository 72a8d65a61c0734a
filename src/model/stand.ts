import { type FeatureTreatment, type FramePoint, type Region, type Role } from '@/core/field';
import { type Seat } from '@/core/optics';
import { type LightFigures } from '@/core/photo';
import { type Place } from '@/core/sky';
import { type Crop } from './crop';

/** A stand as it is today (glossary); field names and units are those of the file format. */
export interface Stand {
  readonly id: string;
  readonly name: string;
  /** ISO 8601 with its offset. */
  readonly createdAt: string;
  readonly notes?: string | undefined;
  /** What is to be held back, where it is not a sky: lit leaves above a fall, a white cliff. */
  readonly skyName?: string | undefined;
  readonly camera: Camera;
  readonly lens: StandLens;
  readonly exposure: { readonly aperture: number; readonly iso: number };
  readonly skyline: readonly FramePoint[];
  /** The picture that fills the frame; absent: a drawn ground. */
  readonly picture?: StandPicture | undefined;
  /** What is printed of the frame; absent: all of it. */
  readonly crop?: Crop | undefined;
  /** Where the tripod stands. */
  readonly place?: Place | undefined;
  /** What is to be kept out of the frame, a thing a line. */
  readonly leaveOut?: readonly string[] | undefined;
  readonly shapes?: readonly StandShape[] | undefined;
  readonly readings: readonly Reading[];
  /** One time for everything, without sky or land, for those who only want times through glass; it serves until a sky is read. */
  readonly wholeScene?: MeteredLight | undefined;
  /** The photographer was asked for something to be held, and there is nothing. */
  readonly nothingToHold?: boolean | undefined;
  readonly look: StandLook;
  /** What is on the lens beside the grads. */
  readonly fitted?: readonly FittedFilter[] | undefined;
  /** The glass and the seat that the photographer chose over the computed ones. */
  readonly choice?: Choice | undefined;
  /** What the photographer has not set for this stand: taken over from the last one, or usual. */
  readonly assumed?: readonly Assumable[] | undefined;
  /** Put away: kept, but out of the list of stands that are worked on. */
  readonly archived?: boolean | undefined;
}

export const ASSUMABLES = ['camera', 'lens', 'skyline'] as const;
/** Parts of a stand that a new one starts with before anything is said of them. */
export type Assumable = (typeof ASSUMABLES)[number];

export interface Camera {
  readonly name?: string | undefined;
  /** Sensor size in landscape orientation, mm. */
  readonly sensorWidthMm: number;
  readonly sensorHeightMm: number;
  readonly orientation?: Orientation | undefined;
  readonly highlightRoomStops?: number | undefined;
  readonly shadowRoomStops?: number | undefined;
  readonly printRoomStops?: number | undefined;
  readonly lowestIso?: number | undefined;
  readonly baseIso?: number | undefined;
  readonly pixelPitchUm?: number | undefined;
  readonly fullWellElectrons?: number | undefined;
  readonly readNoiseElectrons?: number | undefined;
  /** Part of the frame's mean light that the lens spreads over all of it, 0 to 0.1; usually 0.005 to 0.02. */
  readonly veilingGlarePart?: number | undefined;
}

/** A picture as a stand keeps it: where its pixels are found, and the figures read from it. */
export interface StandPicture {
  /** SHA-256 of the stored copy, in hexadecimal digits. */
  readonly sha256: string;
  readonly type: PictureType;
  /** How the stored copy holds light: absent, as a screen shows it (sRGB); `stops`, each channel in sixteenths of a stop up to the figures' top. */
  readonly coding?: 'stops' | undefined;
  /** Size of the stored copy. */
  readonly columns: number;
  readonly rows: number;
  /** What the file was called. */
  readonly name?: string | undefined;
  readonly light: LightFigures;
  /** How it was exposed, by its own data. */
  readonly exposure?: PictureExposure | undefined;
  readonly takenAt?: string | undefined;
}

export const PICTURE_TYPES = ['image/jpeg', 'image/png', 'image/webp', 'image/avif'] as const;
export type PictureType = (typeof PICTURE_TYPES)[number];

export interface PictureExposure {
  readonly aperture: number;
  /** A mark ("1/60") or seconds as text, or exact seconds as a number. */
  readonly shutter: string | number;
  readonly iso: number;
}

export type Orientation = 'landscape' | 'portrait';

export interface StandLens {
  readonly name?: string | undefined;
  readonly focalLengthMm: number;
  /** Entrance pupil to the slot of a single grad, mm; absent: estimated. */
  readonly pupilToFilterMm?: number | undefined;
  /** The holder stands on a collar round a front that bulges, which moves the estimate. */
  readonly bulgingFront?: boolean | undefined;
  /** What the finder looks through, f-number. */
  readonly widestAperture?: number | undefined;
  /** The nearest thing in the frame, from the lens, m; absent: everything is taken as far. */
  readonly nearestSubjectM?: number | undefined;
}

export interface StandShape {
  readonly id: string;
  readonly name?: string | undefined;
  readonly region: Region;
  readonly treat?: FeatureTreatment | undefined;
  readonly points: readonly FramePoint[];
}

/** What a meter showed of a spot, when, and through what: camera settings as they stood there, or an EV. */
export interface MeteredLight {
  readonly aperture?: number | undefined;
  /** A mark ("1/60", "30") or seconds as text, or exact seconds as a number. */
  readonly shutter?: string | number | undefined;
  readonly iso?: number | undefined;
  readonly ev100?: number | undefined;
  readonly takenAt?: string | undefined;
  /** Read from the stand's picture, and not from the place. */
  readonly fromPicture?: boolean | undefined;
  readonly throughFilterIds?: readonly string[] | undefined;
  readonly seat?: ({ readonly filterId: string } & Seat) | undefined;
}

/** A spot-meter reading. */
export interface Reading extends MeteredLight {
  readonly id: string;
  readonly role: Role;
  readonly u?: number | undefined;
  readonly v?: number | undefined;
  readonly spotAngleDeg?: number | undefined;
  readonly wantedToneStops?: number | undefined;
  readonly limit?: boolean | undefined;
  /** What the same spot showed before it was read again, the oldest first. */
  readonly earlier?: readonly MeteredLight[] | undefined;
}

/** A reading as it is entered, which has no id yet, or one that has. */
export type EnteredReading = Omit<Reading, 'id'> & { readonly id?: string };

export const SCHOOLS = ['even', 'natural', 'heavy', 'least', 'bracket', 'sun'] as const;
export type School = (typeof SCHOOLS)[number];

/** Where the sun stands to the camera (glossary: by the sun). */
export const SUN_SIDES = ['behind', 'side', 'ahead', 'hidden'] as const;
export type SunSide = (typeof SUN_SIDES)[number];

export interface StandLook {
  readonly school: School;
  readonly gapStops?: number | undefined;
  readonly follow?: number | undefined;
  readonly landPlacementStops?: number | undefined;
  readonly sunAzimuthDeg?: number | undefined;
  readonly viewAzimuthDeg?: number | undefined;
  readonly sunAltitudeDeg?: number | undefined;
  readonly sun?: SunSide | undefined;
}

export interface FittedFilter {
  readonly filterId: string;
  readonly slot?: number | undefined;
  /** A polariser's transmission axis: 0 upright, positive clockwise from behind the camera. */
  readonly axisDeg?: number | undefined;
}

export interface Choice extends Seat {
  readonly filterIds: readonly string[];
}
