import { type Server } from 'node:http';
import { type Express } from 'express';

export interface ListenOptions {
  readonly host: string;
  readonly port: number;
  /** Try the next ports when this one is busy. */
  readonly orNext: boolean;
}

export type Listening =
  | { readonly ok: true; readonly server: Server; readonly port: number }
  | { readonly ok: false; readonly message: string };

/** How many ports after the first are tried. */
const TRIES = 20;

/** Starts the server on a port, or on the next free one when it is busy and that is allowed. */
export async function listen(app: Express, { host, port, orNext }: ListenOptions): Promise<Listening> {
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    return { ok: false, message: `PORT must be a number from 0 to 65535, not "${process.env.PORT ?? port}"` };
  for (let at = port; at <= port + (orNext ? TRIES : 0); at++) {
    const result = await tryPort(app, host, at);
    if (result.ok || result.code !== 'EADDRINUSE') return result;
  }
  return {
    ok: false,
    message: orNext ? `ports ${port} to ${port + TRIES} are all busy` : `port ${port} is busy`,
  };
}

function tryPort(app: Express, host: string, port: number): Promise<Listening & { code?: string }> {
  return new Promise((resolve) => {
    const server = app.listen(port, host);
    server.once('listening', () => {
      const address = server.address();
      resolve({ ok: true, server, port: typeof address === 'object' && address ? address.port : port });
    });
    server.once('error', (error: NodeJS.ErrnoException) =>
      resolve({ ok: false, message: error.message, ...(error.code ? { code: error.code } : {}) }),
    );
  });
}
