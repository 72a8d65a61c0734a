import { SHARED_TEXT } from '@/words';
import { type Place } from '@/model';

/** The device did not say where it is, or was not let. */
export const NO_DEVICE_PLACE = SHARED_TEXT.deviceDidNotSay;

/** Whether the device can be asked where it is. */
export const canLocate = (): boolean => window.isSecureContext && 'geolocation' in navigator;

/** Asks the device where it is; one of the two is told, later. */
export function locate(onPlace: (place: Place) => void, onRefused: () => void): void {
  navigator.geolocation.getCurrentPosition(
    ({ coords: { latitude, longitude } }) => onPlace({ latitudeDeg: latitude, longitudeDeg: longitude }),
    onRefused,
    { timeout: 20_000 },
  );
}
