// The gate of the layers: the rules of .dependency-cruiser.cjs, and no two rooms (folders) that import each other.
// Run in a house: node bin/layers.mjs FOLDER...
import { spawnSync } from 'node:child_process';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = dirname(dirname(fileURLToPath(import.meta.url)));
const cruiser = join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
const config = join(root, '.dependency-cruiser.cjs');
const { stdout, stderr } = spawnSync(
  'node',
  [cruiser, ...process.argv.slice(2), '--config', config, '--output-type', 'json'],
  { encoding: 'utf8', maxBuffer: 2 ** 30 },
);
if (!stdout.startsWith('{')) {
  console.error(stderr || stdout);
  process.exit(1);
}
const { modules, summary } = JSON.parse(stdout);

const isTest = (path) => /\.test\.tsx?$/.test(path);
/** For each pair of rooms, the first import that leads from one to the other. */
const ways = new Map();
for (const { source, dependencies } of modules.filter((m) => !isTest(m.source)))
  for (const { resolved } of dependencies) {
    const [from, to] = [dirname(source), dirname(resolved)];
    const isOwn = [source, resolved].every((path) => path.startsWith('src/')) && !isTest(resolved);
    const way = `${from} ${to}`;
    if (isOwn && from !== to && !ways.has(way)) ways.set(way, `${source} → ${resolved}`);
  }

const faults = [
  ...summary.violations.map(({ rule, from, to }) => `${rule.name}: ${from} → ${to}`),
  ...[...ways].flatMap(([way, example]) => {
    const [from, to] = way.split(' ');
    const back = ways.get(`${to} ${from}`);
    return back && from < to ? [`two-way rooms: ${example}, and back ${back}`] : [];
  }),
];
for (const fault of faults) console.error(fault);
console.log(`${modules.length} modules, ${faults.length} faults of layers`);
process.exit(faults.length ? 1 : 0);
