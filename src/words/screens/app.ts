/** What app says in whole sentences. */
export const APP_TEXT = {
  pageNotDeviceYet: 'This page is not on this device yet',
  networkWentAwayBefore:
    'The network went away before all of Pale Seam was kept here. What you have opened already works on; this page comes as soon as there is a network again. Nothing is lost.',
  lastChangeNotStored:
    'The last change is not stored yet: save everything to a file before anything else. All that was saved before is safe.',
  yourStandsYourBag: 'Your stands and your bag are safe: every change was saved as it was made.',
  savedSafeBrowserReload: 'What was saved is safe in this browser. Reload the page to go on.',
};
