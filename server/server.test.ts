import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { type Server } from 'node:http';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { createApp } from './app';
import { listen } from './listen';

const servers: Server[] = [];
let base = '';

function client(): string {
  const dir = mkdtempSync(path.join(tmpdir(), 'client-'));
  mkdirSync(path.join(dir, 'assets'));
  writeFileSync(
    path.join(dir, 'index.html'),
    '<html><meta property="csp-nonce" nonce="__CSP_NONCE__"></html>',
  );
  writeFileSync(path.join(dir, 'icon.svg'), '<svg/>');
  mkdirSync(path.join(dir, 'raw'));
  writeFileSync(path.join(dir, 'raw/worker.js'), '');
  writeFileSync(path.join(dir, 'assets/index-abc.js'), `// ${'long '.repeat(1000)}`);
  return dir;
}

const start = async (port: number, orNext: boolean) => {
  const result = await listen(createApp(client()), { host: '127.0.0.1', port, orNext });
  if (result.ok) servers.push(result.server);
  return result;
};

beforeAll(async () => {
  const result = await start(0, false);
  if (!result.ok) throw new Error(result.message);
  base = `http://127.0.0.1:${result.port}`;
});
afterAll(() => servers.forEach((s) => s.close()));

describe('the host', () => {
  it('is healthy', async () => {
    expect(await (await fetch(`${base}/healthz`)).json()).toEqual({ ok: true });
  });

  it('serves the page at any address of the application, with a fresh nonce and a strict policy', async () => {
    const pages = await Promise.all(['/', '/demo/stands/tholl-saddle'].map((p) => fetch(base + p)));
    const nonces = await Promise.all(pages.map(async (p) => /nonce="([^"]+)"/.exec(await p.text())?.[1]));
    expect(new Set(nonces).size).toBe(2);
    const policy = pages[0]!.headers.get('content-security-policy')!;
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("script-src 'self';");
    expect(policy).toContain(`'nonce-${nonces[0]}'`);
    expect(policy).not.toContain('unsafe');
    expect(pages[0]!.headers.get('cache-control')).toBe('no-cache');
    expect(pages[0]!.headers.get('x-powered-by')).toBeNull();
  });

  it('lets the reader of raw files compile what it runs, and nothing else', async () => {
    const policy = async (file: string) =>
      (await fetch(`${base}${file}`)).headers.get('content-security-policy');
    expect(await policy('/raw/worker.js')).toMatch(/^default-src 'none'; script-src 'self' 'unsafe-eval'/);
    for (const file of ['/', '/assets/index-abc.js', '/rawer.js'])
      expect(await policy(file)).not.toMatch(/unsafe/);
  });

  it('has nothing under its folder but the reader’s own files, and no page with their policy (fault 66)', async () => {
    for (const file of [
      '/raw/',
      '/raw',
      '/raw/index.html',
      '/raw/stands',
      '/raw/../index.html',
      '/raw/x/worker.js',
    ]) {
      const answer = await fetch(`${base}${file}`);
      if (answer.url.includes('/raw')) expect([file, answer.status]).toEqual([file, 404]);
      expect(answer.headers.get('content-security-policy')).not.toMatch(/unsafe/);
    }
  });

  it.each([
    '/%',
    '/assets/%',
    '/raw/%',
    '/%ff',
    '/assets/%c0%ae',
    '/stands/%00',
    '/assets/gone.js',
    '/raw/gone.js',
  ])('tells nothing of itself at %p (fault 66)', async (address) => {
    const answer = await fetch(`${base}${address}`);
    expect(answer.status).toBe(404);
    expect(await answer.text()).toBe('Not found');
  });

  it('lets hashed assets be kept for good, compressed, and other files not', async () => {
    const asset = await fetch(`${base}/assets/index-abc.js`);
    expect(asset.headers.get('cache-control')).toBe('public, max-age=31536000, immutable');
    expect(asset.headers.get('content-encoding')).toBe('gzip');
    expect((await fetch(`${base}/icon.svg`)).headers.get('cache-control')).toBe('no-cache');
  });

  it('does not answer for an asset that is not there with a page, nor leave its folder', async () => {
    expect((await fetch(`${base}/assets/gone.js`)).status).toBe(404);
    const outside = await fetch(`${base}/assets/..%2f..%2f..%2fetc%2fpasswd`);
    expect(outside.status).toBeGreaterThanOrEqual(400);
  });
});

describe('the port', () => {
  it('is the next free one when busy, or refused when it was given', async () => {
    const first = await start(0, false);
    const busy = first.ok ? first.port : 0;
    expect(await start(busy, false)).toMatchObject({ ok: false, message: `port ${busy} is busy` });
    const next = await start(busy, true);
    expect(next.ok && next.port).toBeGreaterThan(busy);
    expect(await start(70_000, false)).toMatchObject({
      ok: false,
      message: expect.stringMatching(/^PORT must be/),
    });
  });
});
