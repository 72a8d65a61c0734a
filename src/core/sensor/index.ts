/** The tones a sensor holds, and what limits them (physics 5). Tones are stops from mid-grey. */

interface NoiseModel {
  readonly fullWellElectrons: number;
  readonly readNoiseElectrons: number;
}

const DEFAULT_NOISE: NoiseModel = { fullWellElectrons: 50_000, readNoiseElectrons: 3 };

/** Raw highlight room in stops above mid-grey. */
const DEFAULT_HIGHLIGHT_ROOM = 3;
const DEFAULT_BASE_ISO = 100;
/** Highlight room of what a camera shows on its screen, its JPEG, stops above mid-grey. */
export const JPEG_HIGHLIGHT_ROOM = 2.3;

/** Signal to noise at which detail ends, and at which a lifted tone still prints well. */
const SNR_DETAIL = 10;
const SNR_PRINT = 20;
/** Noise is judged on a print: above base ISO less is asked, by half for each two stops, but this part at least. */
const SNR_LEAST_PART = 1 / 4;
/** Rooms never fall below these, stops. */
const LEAST_SHADOW_ROOM = 2;
const LEAST_PRINT_ROOM = 1;

/** What of the camera matters to its window; rooms given here are the photographer's own and rule. */
export interface SensorLimits {
  readonly highlightRoomStops?: number | undefined;
  readonly shadowRoomStops?: number | undefined;
  readonly printRoomStops?: number | undefined;
  readonly baseIso?: number | undefined;
  readonly fullWellElectrons?: number | undefined;
  readonly readNoiseElectrons?: number | undefined;
}

export interface SensorWindow {
  readonly highlightRoom: number;
  readonly shadowRoom: number;
  readonly printRoom: number;
}

/** Electrons at which `s / sqrt(s + readNoise^2)` reaches a signal-to-noise ratio. */
function signalForSnr(snr: number, readNoise: number): number {
  const q = snr * snr;
  return (q + Math.sqrt(q * q + 4 * q * readNoise * readNoise)) / 2;
}

const noiseOf = (limits: SensorLimits): NoiseModel => ({
  fullWellElectrons: limits.fullWellElectrons ?? DEFAULT_NOISE.fullWellElectrons,
  readNoiseElectrons: limits.readNoiseElectrons ?? DEFAULT_NOISE.readNoiseElectrons,
});

/** Electrons at mid-grey: `fullWell / 2^highlightRoom` at base ISO, halved for each stop of ISO. */
function midGreyElectrons(limits: SensorLimits, iso: number): number {
  const room = limits.highlightRoomStops ?? DEFAULT_HIGHLIGHT_ROOM;
  return (noiseOf(limits).fullWellElectrons / 2 ** room) * ((limits.baseIso ?? DEFAULT_BASE_ISO) / iso);
}

/** Part of the signal to noise at base ISO that is asked at an ISO. */
const askedPart = (limits: SensorLimits, iso: number): number =>
  Math.max(SNR_LEAST_PART, Math.min(1, Math.sqrt((limits.baseIso ?? DEFAULT_BASE_ISO) / iso)));

/** How far an ISO lies below base, stops: so much highlight room is gone; 0 from base up. */
export const stopsBelowBase = (limits: SensorLimits, iso: number): number =>
  Math.max(0, Math.log2((limits.baseIso ?? DEFAULT_BASE_ISO) / iso));

/**
 * The sensor's window at an ISO. Rooms below mid-grey come from the noise model unless given, and have a floor; an ISO below base takes
 * highlight room away, `log2(base / ISO)` stops of it.
 */
export function sensorWindow(limits: SensorLimits, iso: number): SensorWindow {
  const room = limits.highlightRoomStops ?? DEFAULT_HIGHLIGHT_ROOM;
  const { readNoiseElectrons } = noiseOf(limits);
  const part = askedPart(limits, iso);
  const below = (snr: number) =>
    Math.log2(midGreyElectrons(limits, iso) / signalForSnr(snr * part, readNoiseElectrons));
  return {
    highlightRoom: room - stopsBelowBase(limits, iso),
    shadowRoom: limits.shadowRoomStops ?? Math.max(LEAST_SHADOW_ROOM, below(SNR_DETAIL)),
    printRoom: limits.printRoomStops ?? Math.max(LEAST_PRINT_ROOM, below(SNR_PRINT)),
  };
}

/** Signal to noise of a tone at an ISO: `s / sqrt(s + readNoise^2)`. */
export function signalToNoise(limits: SensorLimits, iso: number, toneStops: number): number {
  const signal = midGreyElectrons(limits, iso) * 2 ** toneStops;
  return signal / Math.sqrt(signal + noiseOf(limits).readNoiseElectrons ** 2);
}

/** What lifting a tone afterwards costs. */
export interface LiftCost {
  /** Signal to noise of the lifted tone, and of the same tone had it been exposed so. */
  readonly lifted: number;
  readonly exposed: number;
  /** By how many stops the noise is greater: `log2(exposed / lifted)`. */
  readonly noiseStops: number;
  /** The ISO at which an exposure of that tone would be as noisy, as far as light itself is the noise. */
  readonly asNoisyAsIso: number;
}

/** The cost in noise of lifting a tone by so many stops to where it is wanted. */
export function liftCost(limits: SensorLimits, iso: number, toneStops: number, liftStops: number): LiftCost {
  const lifted = signalToNoise(limits, iso, toneStops);
  const exposed = signalToNoise(limits, iso, toneStops + liftStops);
  return { lifted, exposed, noiseStops: Math.log2(exposed / lifted), asNoisyAsIso: iso * 2 ** liftStops };
}

/**
 * Tones as recorded with veiling glare: a part of the frame's mean light is spread over all of it,
 * `log2(2^tone + g * mean of 2^tone)`.
 *
 * @param part 0.005 to 0.02 for most lenses
 * @param meanLight mean of `2^tone` over the frame
 */
export const withGlare = (toneStops: number, part: number, meanLight: number): number =>
  Math.log2(2 ** toneStops + part * meanLight);

/** Whether a tone is recorded with detail. A millionth of a stop is rounding, not light. */
export function isHeld(toneStops: number, window: SensorWindow): boolean {
  return toneStops >= -window.shadowRoom - 1e-6 && toneStops <= window.highlightRoom + 1e-6;
}
