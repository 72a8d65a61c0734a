import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { type Plugin } from 'vite';

/** What ships without being bundled: fonts, which come by the sheet of styles, and the decoder of raw files. */
const BESIDE = [
  '@fontsource-variable/atkinson-hyperlegible-next',
  '@fontsource-variable/atkinson-hyperlegible-mono',
  'libraw-wasm',
  'tailwindcss',
];

/** What a package says of what it carries within itself. */
const WITHIN: Readonly<Record<string, string>> = {
  'libraw-wasm':
    'It carries LibRaw, compiled: GNU Lesser General Public License 2.1, or Common Development and Distribution License 1.0, at the choice of who uses it.',
};

/** Collects the licences of all that ships, bundled into the page or into its workers, in one text beside the page. */
export function licences(): { readonly page: Plugin; readonly worker: () => Plugin } {
  const packages = new Set(BESIDE);
  const collect = (bundle: Record<string, { type: string; moduleIds?: readonly string[] }>) => {
    for (const { type, moduleIds } of Object.values(bundle))
      if (type === 'chunk') for (const id of moduleIds ?? []) packages.add(packageOf(id));
    packages.delete('');
  };
  return {
    page: {
      name: 'licences',
      apply: 'build',
      generateBundle(_, bundle) {
        collect(bundle);
        const source = [...packages]
          .sort()
          .map(licenceOf)
          .join(`\n\n${'-'.repeat(72)}\n\n`);
        this.emitFile({ type: 'asset', fileName: 'licences.txt', source });
      },
    },
    worker: () => ({ name: 'licences-of-workers', generateBundle: (_, bundle) => collect(bundle) }),
  };
}

/** The package that a module is of; empty for one of our own. */
function packageOf(id: string): string {
  const [, inside] = id
    .split('\0')
    .join('')
    .split('?')[0]!
    .split(/\/node_modules\/(?!.*\/node_modules\/)/);
  const [scope = '', name = ''] = (inside ?? '').split('/');
  return scope.startsWith('@') ? `${scope}/${name}` : scope;
}

function licenceOf(name: string): string {
  const folder = path.resolve('node_modules', name);
  const manifest = path.join(folder, 'package.json');
  if (!existsSync(manifest)) throw new Error(`licences: where is ${name}?`);
  const { version, license } = JSON.parse(readFileSync(manifest, 'utf8')) as Record<string, string>;
  const file = readdirSync(folder).find((f) => /^(?:licen[cs]e|copying)/i.test(f));
  const text = file ? readFileSync(path.join(folder, file), 'utf8').trim() : '';
  return [`${name} ${version}: ${license ?? 'see below'}`, WITHIN[name], text].filter(Boolean).join('\n\n');
}
