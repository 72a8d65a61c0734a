import { execFileSync, spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync } from 'node:fs';
import { type Browser, chromium } from '@playwright/test';

/** Where Debian puts the browser. */
export const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';

/** Builds the application, serves it, and opens a browser for whoever measures it; nothing is given where there is no browser. */
export async function* served<T>(
  measure: (browser: Browser, address: string) => AsyncGenerator<T>,
): AsyncGenerator<T> {
  if (!existsSync(CHROMIUM)) {
    process.stderr.write('bench: no browser here, so that nothing is measured in one\n');
    return;
  }
  execFileSync('npm', ['run', '--silent', 'build'], { stdio: ['ignore', 'ignore', 'ignore'] });
  const server = spawn('node', ['dist/server/index.js'], { env: { ...process.env, PORT: '0' } });
  const [told] = (await once(server.stdout, 'data')) as [Buffer];
  const address = /http:\/\/127[.\d]+:\d+/.exec(told.toString())?.[0];
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox'] });
  try {
    if (!address) throw new Error(`the server says no address: ${told.toString()}`);
    yield* measure(browser, address);
  } finally {
    await browser.close();
    server.kill();
  }
}
