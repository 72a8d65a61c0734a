import { networkInterfaces } from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from './app';
import { listen } from './listen';

const here = path.dirname(fileURLToPath(import.meta.url));
const lan = process.argv.includes('--lan');
const given = process.env.PORT;
const app = createApp(path.join(here, '../client'));
const listening = await listen(app, {
  host: lan ? '0.0.0.0' : '127.0.0.1',
  port: given === undefined ? 4173 : Number(given),
  orNext: given === undefined,
});
if (!listening.ok) {
  process.stderr.write(`${listening.message}\n`);
  process.exit(1);
}
const { port } = listening;
process.stdout.write(
  `Pale Seam is at http://127.0.0.1:${port}/ and the demo at http://127.0.0.1:${port}/demo\n`,
);
if (lan)
  for (const address of Object.values(networkInterfaces()).flat())
    if (address?.family === 'IPv4' && !address.internal)
      process.stdout.write(`On this network: http://${address.address}:${port}/demo\n`);
