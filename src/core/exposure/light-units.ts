/** What a reflected-light meter of K = 12.5 makes of EV 0 at ISO 100, cd/m2 (physics 1; ISO 2720 allows 10.6 to 13.4). */
const LUMINANCE_OF_EV0 = 0.125;
/** What an incident-light meter of C = 250 makes of EV 0 at ISO 100, lux. */
const LUX_OF_EV0 = 2.5;

/** EV at ISO 100 of a luminance in cd/m2, and back. */
export const evOfLuminance = (luminance: number): number => Math.log2(luminance / LUMINANCE_OF_EV0);
export const luminanceOfEv = (ev: number): number => LUMINANCE_OF_EV0 * 2 ** ev;

/** Incident EV at ISO 100 of an illuminance in lux, and back. */
export const incidentEv = (lux: number): number => Math.log2(lux / LUX_OF_EV0);
export const luxOfIncidentEv = (ev: number): number => LUX_OF_EV0 * 2 ** ev;

/** EV at ISO 100 of an EV that a meter set to another ISO shows: the same settings let in the same light. */
export const ev100OfEv = (ev: number, iso: number): number => ev - Math.log2(iso / 100);
