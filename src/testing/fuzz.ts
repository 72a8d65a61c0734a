import { type FuzzedReader, READERS } from './fuzz-readers';
import { chanceOf } from './mutate';

/** No file takes a reader longer than this on a quiet machine, nor more memory. */
const MOST_MS = 2_000;
const MOST_MEMORY_KB = 300_000;

/** A rule that was broken, and how to see it again. */
export interface Finding {
  readonly reader: string;
  /** Mutation number of the run: the same seed and number make the same file. */
  readonly at: number;
  readonly what: string;
  readonly bytes: Uint8Array;
}

export interface FuzzReport {
  readonly counts: Readonly<Record<string, { taken: number; refused: number; slowestMs: number }>>;
  readonly findings: readonly Finding[];
}

/**
 * Hands mutated files to every reader in turn.
 *
 * @param count mutations in all
 * @param only a reader's name, to look at it alone
 * @param mostMs how long a file may take a reader
 */
export async function fuzz(
  count: number,
  seed: number,
  only?: string,
  mostMs = MOST_MS,
): Promise<FuzzReport> {
  const readers = READERS.filter((r) => !only || r.name === only);
  const counts: Record<string, { taken: number; refused: number; slowestMs: number }> = {};
  const findings: Finding[] = [];
  for (const [k, reader] of readers.entries()) {
    const samples = await reader.samples();
    const own = (counts[reader.name] = { taken: 0, refused: 0, slowestMs: 0 });
    const share = Math.ceil(count / readers.length);
    for (let at = 0; at < share; at++) {
      const chance = chanceOf(seed * 1_000_003 + k * 100_003 + at);
      let bytes = chance.pick(samples);
      for (let n = 1 + chance.below(2); n > 0 && bytes.length; n--)
        bytes = chance.pick(reader.mutations)(bytes, chance);
      const { outcome, ms, memoryKb } = await readOnce(reader, Uint8Array.from(bytes));
      own.slowestMs = Math.max(own.slowestMs, Math.round(ms));
      const what =
        typeof outcome === 'object'
          ? outcome.broken
          : ms > mostMs
            ? `took ${Math.round(ms)} ms`
            : memoryKb > MOST_MEMORY_KB
              ? `took ${Math.round(memoryKb / 1000)} MB`
              : null;
      if (what) findings.push({ reader: reader.name, at, what, bytes });
      else if (typeof outcome === 'string') own[outcome]++;
    }
  }
  return { counts, findings };
}

async function readOnce(reader: FuzzedReader, bytes: Uint8Array<ArrayBuffer>) {
  const before = process.resourceUsage().maxRSS;
  const from = performance.now();
  let outcome: Awaited<ReturnType<FuzzedReader['read']>>;
  try {
    outcome = await reader.read(bytes);
  } catch (error) {
    outcome = {
      broken: `threw ${(error as Error).stack?.split('\n').slice(0, 3).join(' ') ?? String(error)}`,
    };
  }
  return { outcome, ms: performance.now() - from, memoryKb: process.resourceUsage().maxRSS - before };
}
