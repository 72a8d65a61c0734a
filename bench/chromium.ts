/** Where Debian puts the browser. */
export const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';
