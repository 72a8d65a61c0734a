import { type ComponentType, createElement, lazy } from 'react';

/** A page that has not come to this device yet, and cannot be fetched now. */
export class NotOnDevice extends Error {}

/**
 * A page that is loaded when it is first shown. One that could not be fetched fails as not being on this device, and is asked
 * for anew the next time that it is shown.
 */
export function pageOfItsOwn(load: () => Promise<ComponentType>): ComponentType {
  const attempt = () =>
    lazy(() =>
      load().then(
        (page) => ({ default: page }),
        (error: unknown) => {
          current = attempt();
          throw new NotOnDevice(error instanceof Error ? error.message : String(error));
        },
      ),
    );
  let current = attempt();
  return function PageOfItsOwn() {
    return createElement(current);
  };
}
