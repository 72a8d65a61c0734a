// Runs a command of this folder: node cli/run.mjs NAME [ARGUMENT...]. What it runs is bundled first, and again when one of
// its sources has changed; a run that finds its bundle fresh spends next to nothing before its own first line.
import { existsSync, mkdirSync, readdirSync, renameSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const CACHE = join(ROOT, 'node_modules', '.cache', 'cli');
const [, , command, ...rest] = process.argv;
const bundle = join(CACHE, `${command}.mjs`);

const changedMs = (path) => statSync(path, { throwIfNoEntry: false })?.mtimeMs ?? 0;

/** When the newest of the sources in a folder was changed, ms; a file that was taken away counts by its folder. */
function newestMs(folder) {
  let newest = changedMs(folder);
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    const isSource = /\.(ts|tsx|json)$/.test(entry.name) && !entry.name.includes('.test.');
    if (entry.isDirectory()) newest = Math.max(newest, newestMs(path));
    else if (isSource) newest = Math.max(newest, changedMs(path));
  }
  return newest;
}

const sourcesMs = () =>
  Math.max(
    ...['core', 'model', 'files', 'photos', 'words'].map((layer) => newestMs(join(ROOT, 'src', layer))),
    newestMs(join(ROOT, 'cli')),
    changedMs(join(ROOT, 'package-lock.json')),
  );

async function make() {
  const { build } = await import('esbuild');
  mkdirSync(CACHE, { recursive: true });
  // two that begin at once each write their own, and either is as good
  const made = `${bundle}.${process.pid}`;
  await build({
    entryPoints: [join(ROOT, 'cli', `${command}.ts`)],
    outfile: made,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    minifySyntax: true,
    minifyWhitespace: true,
    tsconfig: join(ROOT, 'tsconfig.base.json'),
    banner: {
      js: "import { createRequire as requireFrom } from 'node:module'; const require = requireFrom(import.meta.url);",
    },
    logLevel: 'warning',
  });
  renameSync(made, bundle);
}

if (!command || !existsSync(join(ROOT, 'cli', `${command}.ts`))) {
  console.error(`there is no command ${command ?? ''}`);
  process.exit(2);
}
if (changedMs(bundle) < sourcesMs()) await make();
process.argv = [process.argv[0], bundle, ...rest];
await import(pathToFileURL(bundle).href);
