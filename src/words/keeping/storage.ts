/** Why nothing can be stored, as the storage names it. */
type Fault = 'full' | 'newer' | 'closed' | 'deleted' | 'cleared' | 'refused' | 'damaged' | 'failed';

interface StorageWords {
  /** What happened. */
  readonly what: string;
  /** What is safe, and what to do. */
  readonly then: string;
}

/** What happened to the last change, what is safe, and what to do. */
export function notSavedText(fault: Fault): StorageWords {
  const kept = 'It is kept while this page stays open.';
  switch (fault) {
    case 'full':
      return {
        what: 'The browser’s storage is full, so the last change is not saved.',
        then: `${kept} Everything saved before is safe. Make room on the device, or save everything to a file.`,
      };
    case 'closed':
    case 'newer':
      return {
        what: 'A newer Pale Seam was opened in another tab, so the last change here is not saved.',
        then: `${kept} Save everything to a file, then reload this page.`,
      };
    case 'deleted':
      return {
        what: 'What was stored of these stands has been deleted, from another tab or by the browser’s tools.',
        then: `All of it is kept while this page stays open. Try again to store it anew, or save everything to a file.`,
      };
    case 'cleared':
      return {
        what: 'The browser has cleared what was stored of these stands.',
        then: `All of it is kept while this page stays open. Try again to store it anew, or save everything to a file.`,
      };
    case 'refused':
    case 'damaged':
    case 'failed':
      return {
        what: 'The browser did not store the last change.',
        then: `${kept} Everything saved before is safe. Try again, or save everything to a file.`,
      };
  }
}

/** Why stands cannot be opened, what is safe, and what to do. */
export function notOpenedText(fault: Fault): StorageWords {
  switch (fault) {
    case 'newer':
      return {
        what: 'Your stands were last saved by a newer Pale Seam than this page is.',
        then: 'Nothing has been changed. Reload to get the newer one; if this page is kept offline, connect once.',
      };
    case 'full':
      return {
        what: 'The browser has no room left to open your stands.',
        then: 'Nothing has been deleted. Make room on the device, then try again.',
      };
    case 'damaged':
      return {
        what: 'Your stands are on this device, and the browser cannot read them: what holds them is damaged, or the disk is full or failing.',
        then: 'Nothing has been deleted. Make room on the device, restart the browser, then try again. Where it stays so, a backup brings them in elsewhere; only then clear this page’s data.',
      };
    default:
      return {
        what: 'The browser could not open your stands.',
        then: 'Nothing has been deleted. Close other tabs of Pale Seam, then try again.',
      };
  }
}

export const TEMPORARY_TEXT =
  'This browser keeps nothing for this page (a private window, or storage switched off). Your stands are gone when it is closed: save them to a file.';
