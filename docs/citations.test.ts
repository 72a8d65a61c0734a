import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';

const ROOT = dirname(__dirname);
const read = (path: string): string => readFileSync(join(ROOT, path), 'utf8');

function filesUnder(folder: string, ends: RegExp): string[] {
  return readdirSync(join(ROOT, folder)).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(join(ROOT, path)).isDirectory()) return filesUnder(path, ends);
    return ends.test(name) ? [path] : [];
  });
}

const PAGES = ['README.md', ...filesUnder('docs', /\.md$/)];
const CODE = ['src', 'cli', 'bench', 'server', 'e2e', 'tools'].flatMap((f) => filesUnder(f, /\.tsx?$/));

/** Headings of a page, numbered ones by their number too, in small letters. */
const headings = (page: string): Set<string> =>
  new Set(
    [...read(`docs/${page}.md`).matchAll(/^#+ (?:(\d+)\. )?(.+)$/gm)].flatMap(([, number, title]) => [
      ...(number ? [number] : []),
      (title as string).toLowerCase(),
    ]),
  );
/** Numbers of a page's list. */
const numbered = (page: string): Set<string> =>
  new Set([...read(`docs/${page}.md`).matchAll(/^(\d+)\. /gm)].map((m) => m[1] as string));

const parts = {
  physics: headings('physics'),
  solver: headings('solver'),
  formats: headings('formats'),
  glossary: headings('glossary'),
  keeping: headings('keeping'),
  house: new Set([...headings('house'), ...[...numbered('house')].map((n) => `rule ${n}`)]),
  faults: numbered('faults'),
};

/** What comments cite: a page, or a part of it behind a colon, a comma or a blank; a fault by its number. */
const CITED =
  /\((?:(physics|solver|formats|glossary|keeping|house)(?:[:,]? ([^();]+))?|(faults?) (\d[^()]*))(?:;[^()]*)?\)/g;

function citations(path: string): { place: string; page: keyof typeof parts; part: string }[] {
  const text = read(path).replaceAll(/\n\s*(?:\*|\/\/\/?)?\s*/g, ' ');
  return [...text.matchAll(CITED)].flatMap(([whole, page, part = '', faults, list]) => {
    const place = `${path} ${whole}`;
    if (faults)
      return (list as string).split(/[^\d]+/).map((n) => ({ place, page: 'faults' as const, part: n }));
    return [{ place, page: page as keyof typeof parts, part: part.trim().toLowerCase() }];
  });
}

describe('what comments cite', () => {
  const all = CODE.flatMap(citations);

  it('is found: there are citations of the model of light, of the solver and of faults', () => {
    for (const page of ['physics', 'solver', 'formats', 'faults'] as const)
      expect(all.filter((c) => c.page === page).length).toBeGreaterThan(5);
  });

  it('is in the house', () => {
    const lost = all.filter(({ page, part }) => part !== '' && !parts[page].has(part));
    expect(lost.map((c) => c.place)).toEqual([]);
  });

  it('is so outside brackets too: sections by their number, pages by their path', () => {
    const lost = CODE.flatMap((path) => {
      const text = read(path);
      const sections = [...text.matchAll(/\bphysics (\d+)/g)].filter(
        ([, n]) => !parts.physics.has(n as string),
      );
      const pages = [...text.matchAll(/\bdocs\/[\w-]+(?:\.\w+)+/g)].filter(
        ([page]) => !existsSync(join(ROOT, page)),
      );
      return [...sections, ...pages].map(([cited]) => `${path}: ${cited}`);
    });
    expect(lost).toEqual([]);
  });

  it('cites no page that is not here', () => {
    const elsewhere = /\((architecture|interface|loop|toolchain)\b[^)]*\)/;
    expect(CODE.filter((path) => elsewhere.test(read(path)))).toEqual([]);
  });
});

describe('what the pages name', () => {
  /** Paths in code marks, from the root or from `src/core`, `src/model` or `src`. */
  const named = PAGES.flatMap((page) =>
    [...read(page).matchAll(/`([\w.-]+(?:\/[\w.-]+)+\/?)`/g)].map((m) => ({ page, path: m[1] as string })),
  ).filter(({ path }) => !/[<>*]|^\/|^stand\.json|sha256|application\//.test(path));
  const roots = ['', 'src/core', 'src/model', 'src'];

  it('is there', () => {
    expect(named.length).toBeGreaterThan(50);
    const lost = named.filter(({ path }) => !roots.some((root) => existsSync(join(ROOT, root, path))));
    expect(lost.map(({ page, path }) => `${page}: ${path}`)).toEqual([]);
  });

  it('links that lead somewhere', () => {
    const lost = PAGES.flatMap((page) =>
      [...read(page).matchAll(/\]\(([^)#:]+)(?:#[^)]*)?\)/g)]
        .map((m) => join(dirname(page), m[1] as string))
        .filter((path) => !existsSync(join(ROOT, path)))
        .map((path) => `${page}: ${path}`),
    );
    expect(lost).toEqual([]);
  });

  it('words of the glossary that the code uses', () => {
    const code = CODE.map(read).join('\n');
    const words = [...read('docs/glossary.md').matchAll(/^\| [^|]+ \| ([^|]+) \|/gm)].flatMap(([, cell]) =>
      [...(cell as string).matchAll(/`(\w+)`/g)].map((m) => m[1] as string),
    );
    expect(words.length).toBeGreaterThan(20);
    expect(words.filter((word) => !new RegExp(`\\b${word}\\b`).test(code))).toEqual([]);
  });
});
