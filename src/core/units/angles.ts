export const radiansFromDegrees = (degrees: number): number => (degrees * Math.PI) / 180;
export const degreesFromRadians = (radians: number): number => (radians * 180) / Math.PI;
