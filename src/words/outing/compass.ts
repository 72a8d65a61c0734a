const POINTS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'] as const;

/** A direction: "265° W". */
export function compassText(azimuthDeg: number): string {
  const whole = ((Math.round(azimuthDeg) % 360) + 360) % 360;
  return `${whole}° ${POINTS[Math.round(whole / 45) % 8]}`;
}
