/** The tones a sensor holds, and what limits them (physics 5). Tones are stops from mid-grey. */

export interface NoiseModel {
  readonly fullWellElectrons: number;
  readonly readNoiseElectrons: number;
}

const DEFAULT_NOISE: NoiseModel = { fullWellElectrons: 50_000, readNoiseElectrons: 3 };

/** Raw highlight room in stops above mid-grey. */
const DEFAULT_HIGHLIGHT_ROOM = 3;

/** Signal to noise at which detail ends, and at which a lifted tone still prints well. */
const SNR_DETAIL = 10;
const SNR_PRINT = 20;

/** What of the camera matters to its window; rooms given here are the photographer's own and rule. */
export interface SensorLimits {
  readonly highlightRoomStops?: number | undefined;
  readonly shadowRoomStops?: number | undefined;
  readonly printRoomStops?: number | undefined;
  readonly baseIso?: number | undefined;
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

/**
 * The sensor's window at an ISO. Rooms below mid-grey come from the noise model unless given; an ISO below base takes
 * highlight room away, `log2(base / ISO)` stops of it.
 */
export function sensorWindow(
  limits: SensorLimits,
  iso: number,
  noise: NoiseModel = DEFAULT_NOISE,
): SensorWindow {
  const baseIso = limits.baseIso ?? 100;
  const room = limits.highlightRoomStops ?? DEFAULT_HIGHLIGHT_ROOM;
  const midGrey = (noise.fullWellElectrons / 2 ** room) * (baseIso / iso);
  const below = (snr: number) => Math.log2(midGrey / signalForSnr(snr, noise.readNoiseElectrons));
  return {
    highlightRoom: room - Math.max(0, Math.log2(baseIso / iso)),
    shadowRoom: limits.shadowRoomStops ?? below(SNR_DETAIL),
    printRoom: limits.printRoomStops ?? below(SNR_PRINT),
  };
}

/** Whether a tone is recorded with detail. A millionth of a stop is rounding, not light. */
export function isHeld(toneStops: number, window: SensorWindow): boolean {
  return toneStops >= -window.shadowRoom - 1e-6 && toneStops <= window.highlightRoom + 1e-6;
}
