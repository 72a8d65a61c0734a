/** What settings says in whole sentences. */
export const SETTINGS_TEXT = {
  paleSeamUnderMit:
    'Pale Seam is under the MIT licence; the fonts, libraries and decoders that ship with it are under licences of their own.',
  keptBrowserNowhereElse: 'are kept in this browser and nowhere else.',
  backUpEverythingFile: 'Back up everything to a file',
  backupNothingBeenAltered: 'The backup is in. Nothing that was here has been altered.',
  noBackupBeenMade: 'No backup has been made yet.',
  everythingPaleSeamNeeds: 'Everything that Pale Seam needs is on this device: it works with no network.',
  paleSeamNotDevice: 'Pale Seam is not on this device yet: it needs one more moment with the network.',
  pageCameOverPlain:
    'This page came over plain HTTP, so it needs its network, and copying, sharing and a screen that stays on are missing.',
  browserKeepsNothingPage: 'This browser keeps nothing for this page: what you do is gone when it is closed.',
  browserPromisedKeepYour: 'The browser has promised to keep your stands for good.',
  browserMayClearYour: 'The browser may clear your stands when the device runs out of room: make backups.',
  lastThreeSecondsEnd: 'The last three seconds and the end of a long exposure sound.',
  minutesLeftSpokenVoice: 'The minutes that are left are spoken, by a voice on the device',
  denseNdGoesLast:
    'A dense ND goes on last, its seal to the lens; or it is in, and lifted out for composing and focusing and put back, whereby the sheet beside it may move.',
  nothingFailedShouldNot: 'Nothing has failed here that should not have.',
  notedDeviceNothingSent: 'noted on this device. Nothing of it was sent anywhere.',
  copyingNotPossibleOpen: 'Copying is not possible here: open an entry and mark its text.',
  sunriseSunsetFirstGuess:
    'For sunrise and sunset, and for a first guess of the light. It stays on this device.',
  placeNotKnownYet: 'The place is not known yet, so the theme is the device’s own.',
  sunStaysTwoDays: (what: string) => `The sun is ${what} and stays so for two days at least.`,
  sunDevicesClock: (what: string, next: string) => `The sun is ${what} at ${next} by this device’s clock.`,
  noonLightSunScreen:
    'Noon is light, for the sun on the screen. Dusk is dark, warm and low in blue, and spares eyes that have got used to the night.',
  lookNewStandWhole:
    'The look of a new stand: the whole difference taken, or the sky kept a little brighter.',
  seatToldFirstLine:
    'The seat is told first by the line in the picture, or by the millimetres above the rail; behind dense glass, through which nothing is seen, the millimetres lead.',
  strengthsStandCalledThey:
    'Strengths at a stand are called as they are printed on your glass, or all in one notation. The bag always shows all three.',
};
