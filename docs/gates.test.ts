import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';

const ROOT = dirname(__dirname);

// each starts the linter or the gate of the layers anew
jest.setTimeout(240_000);

/** A house in little, with faults planted in it. */
function planted(files: Readonly<Record<string, string>>): string {
  const house = mkdtempSync(join(tmpdir(), 'pale-seam-gate-'));
  for (const [path, text] of Object.entries(files)) {
    mkdirSync(join(house, dirname(path)), { recursive: true });
    writeFileSync(join(house, path), text);
  }
  writeFileSync(
    join(house, 'tsconfig.base.json'),
    JSON.stringify({ compilerOptions: { paths: { '@/*': ['./src/*'] } } }),
  );
  symlinkSync(join(ROOT, 'node_modules'), join(house, 'node_modules'));
  return house;
}

/** What the gate of the layers says of a house: the rules that it finds broken, or why it does not look at all. */
function broken(files: Readonly<Record<string, string>>): string {
  const house = planted(files);
  try {
    return execFileSync('node', [join(ROOT, 'bin/layers.mjs'), 'src'], {
      cwd: house,
      encoding: 'utf8',
      stdio: 'pipe',
    });
  } catch (error) {
    const { stdout, stderr } = error as { stdout: string; stderr: string };
    return `${stdout}${stderr}`;
  } finally {
    rmSync(house, { recursive: true });
  }
}

/**
 * What the linter's gates say of a text with faults planted in it, under the name of a file of the house: the rules that it
 * finds broken. Nothing is written there: other tests read the sources meanwhile.
 */
function linted(path: string, text: string): string[] {
  const args = ['eslint', '--format', 'json', '--stdin', '--stdin-filename', join(ROOT, path)];
  try {
    execFileSync('npx', args, { cwd: ROOT, encoding: 'utf8', stdio: 'pipe', input: text });
    return [];
  } catch (error) {
    const [{ messages }] = JSON.parse((error as { stdout: string }).stdout) as [
      { messages: { ruleId: string }[] },
    ];
    return messages.map(({ ruleId }) => ruleId);
  }
}

/** So many lines of a function that does nothing. */
const long = (lines: number) => `export function long(): void {\n${'  void 0;\n'.repeat(lines - 2)}}\n`;

describe('the gates of the linter', () => {
  it('catch looks and sights by name, a variable too, sentences outside the words, faces of everything, what is long', () => {
    const planted = `
      import { type School, type Sight } from '@/model';
      export * from '@/ui/button';
      export const say = 'This sentence has no business to stand here.';
      export const isNatural = (school: School): boolean => school === 'natural';
      export function order(what: Sight): number {
        switch (what) {
          case 'strip':
            return 1;
          default:
            return ['dull', 'turned'].includes(what) ? 2 : 3;
        }
      }
      ${long(61)}`;
    const found = linted('src/views/stand/check/tell.ts', planted);
    expect(found).toEqual(
      expect.arrayContaining([
        'house/closed-lists',
        'house/sentences',
        'no-restricted-syntax',
        'max-lines-per-function',
      ]),
    );
    expect(found.filter((rule) => rule === 'house/closed-lists')).toHaveLength(4);
  });

  it('catch a function of more than 120 lines where a long one may stand, and a file of more than 400', () => {
    const found = linted('src/store/stands.ts', `${long(121)}${'// a line more\n'.repeat(290)}`);
    expect(found).toEqual(expect.arrayContaining(['max-lines-per-function', 'max-lines']));
  });

  it('let fifteen files and no more have a long function', () => {
    const config = readFileSync(join(ROOT, 'eslint.config.js'), 'utf8');
    const [, list = ''] = /const LONG_FUNCTIONS = \{([^}]*)\}/.exec(config) ?? [];
    const files = [...list.matchAll(/'(src\/[^']+)': '[^']+'/g)].map(([, file]) => file);
    expect(files.length).toBeGreaterThan(0);
    expect(files.length).toBeLessThanOrEqual(15);
  });
});

describe('the gate of the layers (fault 88)', () => {
  it('catches what is planted in every layer of the core, the last that were added among them', () => {
    const said = broken({
      'src/core/units/a.ts': "export { b } from '@/core/balance/b';",
      'src/core/balance/b.ts': 'export const b = 1;',
      'src/core/tone/c.ts': "export { d } from '@/core/photo/d';",
      'src/core/photo/d.ts': 'export const d = 1;',
      'src/core/learning/e.ts': "export { d } from '@/core/photo/d';",
      'src/core/measuring/f.ts': "export { b } from '@/core/balance/b';",
      'src/ui/g.ts': "export { h } from '@/model/h';",
      'src/model/h.ts': "export { i } from './i'; export const h = 1;",
      'src/model/i.ts': "export { h } from './h'; export const i = 1;",
      'src/views/j.ts': "export { b } from '@/core/balance/b';",
      'src/model/bag/k.ts': "export { m } from '../stand/m'; export const k = 1;",
      'src/model/bag/l.ts': 'export const l = 1;',
      'src/model/stand/m.ts': "export { l } from '../bag/l'; export const m = 1;",
    });
    for (const rule of [
      'core-units-imports-only-below',
      'core-tone-imports-only-below',
      'core-learning-imports-only-below',
      'core-measuring-imports-only-below',
      'ui-imports-only-below',
      'what-is-drawn-comes-through-the-model',
      'no-cycles',
      'two-way rooms',
    ])
      expect(said).toContain(rule);
  });

  it('looks at no house with a room that has no place in it', () => {
    expect(broken({ 'src/core/weather/a.ts': 'export const a = 1;' })).toContain(
      'src/core/weather has no place',
    );
    expect(broken({ 'src/core/units/a.ts': 'export const a = 1;', 'src/cellar/b.ts': '' })).toContain(
      'src/cellar has no place',
    );
  });

  it('says nothing of a house in order', () => {
    expect(
      broken({
        'src/core/units/a.ts': 'export const a = 1;',
        'src/core/balance/b.ts': "export { a } from '@/core/units/a';",
      }),
    ).toContain('2 modules, 0 faults');
  });
});
