import { type ComponentType, createElement, lazy } from 'react';

/** A page that has not come to this device yet, and cannot be fetched now. */
export class NotOnDevice extends Error {
  /**
   * @param forget lets the page be asked for anew when it is shown the next time: called once this has been told, for a page
   *   that is tried again while it fails would never be told of
   */
  constructor(
    message: string,
    readonly forget: () => void,
  ) {
    super(message);
  }
}

/** What browsers say of a module that did not come, as against one that came and failed. */
const isNotFetched = (error: unknown): error is TypeError =>
  error instanceof TypeError && /import|fetch|load/i.test(error.message);

/**
 * A page that is loaded when it is first shown. One that could not be fetched fails as not being on this device.
 */
export function pageOfItsOwn(load: () => Promise<ComponentType>): ComponentType {
  const attempt = () =>
    lazy(() =>
      load().then(
        (page) => ({ default: page }),
        (error: unknown) => {
          throw isNotFetched(error) ? new NotOnDevice(error.message, () => (current = attempt())) : error;
        },
      ),
    );
  let current = attempt();
  return function PageOfItsOwn() {
    return createElement(current);
  };
}
