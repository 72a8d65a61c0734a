export const radiansFromDegrees = (degrees: number): number => (degrees * Math.PI) / 180;
export const degreesFromRadians = (radians: number): number => (radians * 180) / Math.PI;

/** How far two directions are apart, 0 to 180 degrees. */
export const degreesApart = (a: number, b: number): number => Math.abs(((((a - b) % 360) + 540) % 360) - 180);
