/** Stops are base-2 logarithms of light taken away; every conversion to and from them stands here. */

/** Part of the light that passes, 0 to 1. */
export const transmittanceFromStops = (stops: number): number => 2 ** -stops;
/** Stops taken away by glass that passes this part of the light; infinite for 0. */
export const stopsFromTransmittance = (transmittance: number): number => -Math.log2(transmittance);

/** Stops of an optical density: D / log10(2). */
export const stopsFromDensity = (density: number): number => density / Math.log10(2);
export const densityFromStops = (stops: number): number => stops * Math.log10(2);

/** Stops of a filter factor: log2(F). */
export const stopsFromFactor = (factor: number): number => Math.log2(factor);
export const factorFromStops = (stops: number): number => 2 ** stops;
