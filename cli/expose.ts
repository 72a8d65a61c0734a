import { parseArgs } from 'node:util';
import { secondsInChangingLight, secondsThrough } from '@/core/exposure';
import { LONGEST_MARK_SECONDS, shutterFromFileText } from '@/core/units';
import { bagAtLens, deriveStand, prepareStand, seenStand, solveStand } from '@/model';
import { type TimeWays, wantedTimes } from '@/model/expose';
import { noTimeText, throughText, timeText, timeWayNotes } from '@/words';
import { openFile } from './open-file';
import { withNegatives } from './options';

const USAGE = `usage: npm run --silent expose -- --base TIME --stops STOPS [--drift STOPS_A_MINUTE] [--json]
       npm run --silent expose -- FILE --want SECONDS [--longest SECONDS] [--json]
The time behind so many stops, in light that falls by so much a minute; or the glass of a stand file's bag for a wanted time.`;

const OPTIONS = {
  base: { type: 'string' },
  stops: { type: 'string' },
  drift: { type: 'string' },
  want: { type: 'string' },
  longest: { type: 'string' },
  json: { type: 'boolean' },
} as const;

/** A call that cannot be answered: said on standard error, with status 2. */
class Refused extends Error {}

/** A number of the call, between two others. */
function numberOf(name: string, text: string | undefined, [low, high]: readonly [number, number]): number {
  const value = Number(text);
  if (text === undefined || !text.trim() || !Number.isFinite(value) || value < low || value > high)
    throw new Refused(`--${name}: ${text ?? 'nothing'} is no number from ${low} to ${high}`);
  return value;
}

/** What the time behind some glass is, in light that changes. */
function timeBehind(baseSeconds: number, stops: number, drift: number) {
  const constantSeconds = secondsThrough(baseSeconds, stops);
  const seconds = secondsInChangingLight(constantSeconds, drift);
  return {
    baseSeconds,
    stops,
    constantSeconds,
    seconds,
    shown: seconds === null ? null : timeText(seconds),
    bulb: seconds !== null && seconds > LONGEST_MARK_SECONDS,
    ...(seconds === null ? { reason: 'light-runs-out' as const } : {}),
  };
}

function answerTime(values: Values): string {
  const read = shutterFromFileText(values.base ?? '');
  if (!read.ok) throw new Refused(`--base: ${values.base ?? 'nothing'} is no shutter time`);
  const stops = numberOf('stops', values.stops, [0, 40]);
  const drift = values.drift === undefined ? 0 : numberOf('drift', values.drift, [-10, 10]);
  const found = timeBehind(read.seconds, stops, drift);
  if (values.json) return JSON.stringify(found, null, 2);
  return found.shown ?? 'The light runs out before any time is long enough: a shorter plan, or less glass.';
}

const HOURS_24 = 86_400;

async function answerGlass(file: string, values: Values): Promise<string> {
  const wantSeconds = numberOf('want', values.want, [1e-6, 1e6]);
  const longestSeconds =
    values.longest === undefined ? HOURS_24 : numberOf('longest', values.longest, [1e-6, 1e6]);
  const opened = await openFile(file);
  if (!opened.ok) {
    const { path, message } = opened.error;
    throw new Refused(`${file}: ${path ? `${path}: ` : ''}${message}`);
  }
  const bag = bagAtLens(opened.value.stand, opened.value.bag);
  const stand = seenStand(opened.value.stand, bag);
  const ready = prepareStand(stand, bag);
  const derived = deriveStand(stand, bag, solveStand(stand, bag, { ready }), ready);
  const found: TimeWays = wantedTimes(stand, bag, derived, { wantSeconds, longestSeconds });
  const options = found.ways.map((way) => {
    const { costs: _, ...told } = way;
    return { ...told, notes: timeWayNotes(way, stand) };
  });
  if (values.json) return JSON.stringify({ options, reason: found.reason }, null, 2);
  return [
    ...(found.reason ? [noTimeText(found.reason, wantSeconds)] : []),
    ...options.map(({ filterIds, aperture, iso, seconds, notes }) =>
      [
        `${filterIds.length ? throughText(filterIds, bag) : 'no ND'}: f/${aperture}, ${timeText(seconds)}, ISO ${iso}`,
        ...(notes.length ? [` (${notes.join('; ')})`] : []),
      ].join(''),
    ),
  ].join('\n');
}

type Values = ReturnType<typeof parseArgs<{ options: typeof OPTIONS }>>['values'];

async function answer(args: readonly string[]): Promise<string> {
  let call;
  try {
    call = parseArgs({ args: withNegatives(args), options: OPTIONS, allowPositionals: true });
  } catch (error) {
    throw new Refused((error as Error).message);
  }
  const { values, positionals } = call;
  const [file, ...more] = positionals;
  if (more.length) throw new Refused('one file at a time');
  if (file !== undefined) return answerGlass(file, values);
  if (values.base === undefined) throw new Refused(USAGE);
  return answerTime(values);
}

try {
  process.stdout.write(`${await answer(process.argv.slice(2))}\n`);
} catch (error) {
  if (!(error instanceof Refused)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exitCode = 2;
}
