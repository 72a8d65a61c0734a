import { seededRandom } from '@/core/numerics';

/** Chance with a seed: the same mutations at every run. */
export interface Chance {
  /** 0 to 1. */
  next(): number;
  /** A whole number under a limit. */
  below(limit: number): number;
  pick<T>(from: readonly T[]): T;
}

export function chanceOf(seed: number): Chance {
  const next = seededRandom(seed);
  const below = (limit: number) => Math.floor(next() * limit);
  return { next, below, pick: (from) => from[below(from.length)]! };
}

/** Something done to the bytes of a file. */
export type Mutation = (bytes: Uint8Array, chance: Chance) => Uint8Array;

const textOf = (bytes: Uint8Array) => new TextDecoder().decode(bytes);
const bytesOf = (text: string) => new TextEncoder().encode(text);

const truncated: Mutation = (bytes, chance) => bytes.slice(0, chance.below(bytes.length));

const flipped: Mutation = (bytes, chance) => {
  const out = bytes.slice();
  for (let n = 1 + chance.below(12); n > 0; n--) out[chance.below(out.length)] = chance.below(256);
  return out;
};

/** A stretch of a file once more, or in another's place. */
const spliced: Mutation = (bytes, chance) => {
  const from = chance.below(bytes.length);
  const part = bytes.slice(from, from + 1 + chance.below(400));
  const at = chance.below(bytes.length);
  const rest = chance.below(2) ? at : at + part.length;
  return Uint8Array.from([...bytes.subarray(0, at), ...part, ...bytes.subarray(rest)]);
};

const NUMBERS = [0, 1, 2, 7, 0x7f, 0x80, 0xff, 0x7fff, 0xffff, 0x10000, 0x7fffffff, 0x80000000, 0xffffffff];

/** A number of the file's own made wrong: sizes, counts, places. */
const misnumbered: Mutation = (bytes, chance) => {
  const out = bytes.slice();
  const view = new DataView(out.buffer);
  for (let n = 1 + chance.below(4); n > 0; n--) {
    const at = chance.below(2) ? chance.below(Math.min(600, out.length)) : chance.below(out.length);
    if (at + 4 <= out.length) view.setUint32(at, chance.pick(NUMBERS), chance.below(2) === 0);
  }
  return out;
};

const padded: Mutation = (bytes, chance) => {
  const out = new Uint8Array(bytes.length + chance.below(5_000));
  out.set(bytes);
  return out.fill(chance.pick([0, 0x20, 0xff]), bytes.length);
};

export const BINARY: readonly Mutation[] = [truncated, flipped, spliced, misnumbered, padded];

const LONG_SPACES = ' '.repeat(30_000);
const DEEP = 20_000;
/** Values that no field expects. */
const ODD: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  -0,
  1e-320,
  1e308,
  0.1 + 0.2,
  1e21,
  '',
  ' ',
  LONG_SPACES,
  'x'.repeat(20_000),
  '\ud800',
  'a\u0000b',
  '1/0',
  '__proto__',
  'NaN',
  `${LONG_SPACES}s`,
  `1${'0'.repeat(400)}`,
  `${'1'.repeat(300)}/${'1'.repeat(300)}`,
  [],
  {},
  [[]],
  { toString: 1 },
  Array.from({ length: 600 }, () => ({ u: 0.5, v: 0.5 })),
];
/** A value of one's own: what is put into a document may be changed there. */
const odd = (chance: Chance): unknown => structuredClone(chance.pick(ODD));
const ODD_KEYS = [
  '__proto__',
  'constructor',
  'prototype',
  'toString',
  '',
  '\ud800',
  'a.b[0]',
  'weather',
  'x'.repeat(500),
];

interface Place {
  readonly parent: Record<string, unknown>;
  readonly key: string;
}

function placesIn(value: unknown, found: Place[] = []): Place[] {
  if (typeof value !== 'object' || value === null) return found;
  for (const key of Object.keys(value)) {
    found.push({ parent: value as Record<string, unknown>, key });
    placesIn((value as Record<string, unknown>)[key], found);
  }
  return found;
}

type Json = Record<string, unknown>;

/** Something done to a document's values, its keys or its lists. */
const JSON_EDITS: readonly ((json: Json, chance: Chance) => void)[] = [
  (json, chance) => {
    const { parent, key } = chance.pick(placesIn(json));
    parent[key] = odd(chance);
  },
  (json, chance) => {
    const { parent, key } = chance.pick(placesIn(json));
    delete parent[key];
  },
  (json, chance) => {
    const { parent, key } = chance.pick(placesIn(json));
    const value = parent[key];
    if (typeof value === 'number') parent[key] = value * chance.pick([-1, 0, 0.5, 10, 1e3, 1e6, 1e300]);
    else if (typeof value === 'string') parent[key] = value.repeat(chance.pick([2, 50, 3_000]));
    else if (Array.isArray(value))
      parent[key] = Array.from({ length: chance.pick([2, 20, 300]) }, () => value as unknown[]).flat();
  },
  (json, chance) => {
    const { parent } = chance.pick(placesIn(json));
    Object.defineProperty(parent, chance.pick(ODD_KEYS), {
      value: odd(chance),
      enumerable: true,
      configurable: true,
      writable: true,
    });
  },
  // what stands in one place in another
  (json, chance) => {
    const all = placesIn(json);
    const [a, b] = [chance.pick(all), chance.pick(all)];
    a.parent[a.key] = structuredClone(b.parent[b.key]);
  },
  (json, chance) => {
    json.minor = chance.pick([0, 5, 6, 7, 99, 1e9, -1, 'six']);
    const { parent } = chance.pick(placesIn(json));
    parent[chance.pick(['weather', 'later', 'x'])] = odd(chance);
  },
];

const jsonEdited: Mutation = (bytes, chance) => {
  try {
    const json = JSON.parse(textOf(bytes)) as Json;
    for (let n = 1 + chance.below(3); n > 0; n--) chance.pick(JSON_EDITS)(json, chance);
    return bytesOf(JSON.stringify(json));
  } catch {
    // what stands in itself cannot be written
    return bytes;
  }
};

/** A key twice, as no writer would, with what no reader expects. */
const doubled: Mutation = (bytes, chance) => {
  const text = textOf(bytes);
  const at = text.indexOf('"', chance.below(text.length));
  const key = /^"(\w{1,30})":/.exec(text.slice(at))?.[1];
  return key
    ? bytesOf(`${text.slice(0, at)}"${key}": ${JSON.stringify(odd(chance))}, ${text.slice(at)}`)
    : bytes;
};

const nested: Mutation = (bytes, chance) => {
  const text = textOf(bytes);
  const at = text.lastIndexOf('}');
  const [open, close] = chance.pick([
    ['[', ']'],
    ['{"a":', '}'],
  ] as const);
  const inside = `${open.repeat(DEEP)}1${close.repeat(DEEP)}`;
  const minor = chance.below(2) ? text : text.replace(/"minor": ?\d{1,6}/, '"minor": 99');
  return bytesOf(`${minor.slice(0, at)}, "deep": ${inside}}`);
};

export const DOCUMENT: readonly Mutation[] = [
  jsonEdited,
  jsonEdited,
  jsonEdited,
  jsonEdited,
  doubled,
  nested,
  truncated,
  flipped,
  spliced,
];

const ODD_CELLS = [
  '',
  LONG_SPACES,
  `1${LONG_SPACES}s`,
  '='.repeat(50),
  '"',
  '""',
  "'",
  'constructor',
  '__proto__',
  'NaN',
  '1e400',
  '-1',
  '1,600',
  '9'.repeat(400),
  '0 x 150',
  '9999-12-31T23:59:59Z',
  '\ud83d',
  '1/0',
  '0.9 soft 100 x 1e9',
  'a|b|c',
  '30"',
  'x'.repeat(12_000),
];

/** A cell of a table, or a part of a text, made odd. */
const cellEdited: Mutation = (bytes, chance) => {
  const cells = textOf(bytes).split(/([,;\t\n])/);
  for (let n = 1 + chance.below(3); n > 0; n--) cells[chance.below(cells.length)] = chance.pick(ODD_CELLS);
  return bytesOf(cells.join(''));
};

const manyLines: Mutation = (bytes, chance) => {
  const text = textOf(bytes);
  const line = chance.pick(text.split('\n')).slice(0, 200);
  return bytesOf(`${text}\n${`${line}\n`.repeat(chance.pick([3, 300, 20_000]))}`);
};

export const TABLE: readonly Mutation[] = [
  cellEdited,
  cellEdited,
  cellEdited,
  manyLines,
  truncated,
  flipped,
  spliced,
];
