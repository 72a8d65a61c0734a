/** The phone's compass, where the browser gives its heading. */

interface Heading extends Event {
  readonly alpha: number | null;
  readonly absolute: boolean;
  /** Degrees clockwise from north, as one family of browsers tells it. */
  readonly webkitCompassHeading?: number;
}

/** Some browsers ask first. */
interface Asking {
  requestPermission?: () => Promise<'granted' | 'denied'>;
}

const EVENTS = ['deviceorientationabsolute', 'deviceorientation'] as const;
const WAIT_MS = 3000;

/** Whether this may be a device with a compass: one that is touched, and tells how it is held. */
export const compassIsThere = (): boolean =>
  'DeviceOrientationEvent' in window && navigator.maxTouchPoints > 0;

/** Clockwise from north, degrees; null where the event does not tell. */
export function headingOf({ alpha, absolute, webkitCompassHeading }: Partial<Heading>): number | null {
  if (webkitCompassHeading !== undefined) return webkitCompassHeading;
  return absolute && alpha !== null && alpha !== undefined ? (360 - alpha) % 360 : null;
}

/** The heading of the phone's upper edge, degrees clockwise from north; null where none comes. */
export async function readCompass(): Promise<number | null> {
  const asking = (window as { DeviceOrientationEvent?: Asking }).DeviceOrientationEvent;
  if (asking?.requestPermission && (await asking.requestPermission().catch(() => 'denied')) !== 'granted')
    return null;
  return new Promise((resolve) => {
    const end = (heading: number | null) => {
      clearTimeout(timer);
      for (const name of EVENTS) window.removeEventListener(name, hear);
      resolve(heading);
    };
    const hear = (event: Event) => {
      const heading = headingOf(event);
      if (heading !== null) end(heading);
    };
    const timer = setTimeout(() => end(null), WAIT_MS);
    for (const name of EVENTS) window.addEventListener(name, hear);
  });
}
