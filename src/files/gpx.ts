import { XMLBuilder, XMLParser } from 'fast-xml-parser';
import { isWithin } from '@/model';
import { type FileError, type FileResult, refused } from './errors';

/** A place of a GPX file. */
export interface GpxPoint {
  readonly name: string;
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly notes?: string | undefined;
}

/** What was understood of a GPX file, and what of it was not. */
export interface ReadGpx {
  readonly points: readonly GpxPoint[];
  readonly refused: readonly FileError[];
}

const MAX_GPX = 20_000_000;
/** Waypoints that are taken; those beyond are told of. */
const MAX_POINTS = 2_000;
const MAX_NAME = 200;
const MAX_NOTES = 5_000;
const MAX_DEPTH = 40;

/** What may stand more than once. */
const LISTS = new Set(['wpt', 'rte', 'rtept', 'trk']);

/**
 * Reads the places of a GPX file: its waypoints, the points of its routes, and the beginning of each track under the track's
 * name. One that is not as the format says loses itself. Refused as a whole where it is no GPX, or declares entities of its own.
 */
export function readGpx(text: string): FileResult<ReadGpx> {
  if (text.length > MAX_GPX) return refused('too-large', '', `a GPX file has at most ${MAX_GPX / 1e6} MB`);
  // what is declared in the file itself could grow without end
  if (/<!(?:DOCTYPE|ENTITY)/i.test(text))
    return refused('not-allowed', '<!', 'a document that declares entities of its own');
  if (nestedDeeperThan(text, MAX_DEPTH))
    return refused('too-deep', '', `nested more than ${MAX_DEPTH} deep, which no GPX file is`);
  let xml: { gpx?: Gpx };
  try {
    xml = new XMLParser({
      ignoreAttributes: false,
      attributeNamePrefix: '',
      parseTagValue: false,
      parseAttributeValue: false,
      isArray: (name) => LISTS.has(name),
    }).parse(text, true) as { gpx?: Gpx };
  } catch (error) {
    return refused('wrong-format', '', `no XML: ${(error as Error).message.slice(0, 120).toWellFormed()}`);
  }
  const { gpx } = xml;
  if (typeof gpx !== 'object') return refused('wrong-format', '', 'no GPX file');
  const found: [string, Point, unknown?][] = [
    ...listOf(gpx.wpt).map((p, i): [string, Point] => [`wpt[${i}]`, p]),
    ...listOf(gpx.rte).flatMap((route, i) =>
      listOf(route?.rtept).map((p, k): [string, Point] => [`rte[${i}].rtept[${k}]`, p]),
    ),
    ...listOf(gpx.trk).flatMap((track, i): [string, Point, unknown][] => {
      const segments = [track?.trkseg].flat();
      const first = [segments[0]?.trkpt].flat()[0];
      return first ? [[`trk[${i}]`, first, track?.name]] : [];
    }),
  ];
  const points: GpxPoint[] = [];
  const bad: FileError[] = [];
  for (const [path, point, name] of found.slice(0, MAX_POINTS)) {
    const read = pointOf(point, path, name);
    if (read.ok) points.push(read.value);
    else bad.push(read.error);
  }
  if (found.length > MAX_POINTS)
    bad.push({
      code: 'too-large',
      path: found[MAX_POINTS]![0],
      message: `${found.length - MAX_POINTS} more than the ${MAX_POINTS} that are taken`,
    });
  return { ok: true, value: { points, refused: bad } };
}

interface Point {
  readonly lat?: unknown;
  readonly lon?: unknown;
  readonly name?: unknown;
  readonly desc?: unknown;
  readonly cmt?: unknown;
}
interface Gpx {
  readonly wpt?: readonly Point[];
  readonly rte?: readonly ({ readonly rtept?: readonly Point[] } | undefined)[];
  readonly trk?: readonly (
    | {
        readonly name?: unknown;
        readonly trkseg?:
          | { readonly trkpt?: Point | readonly Point[] }
          | readonly { readonly trkpt?: Point | readonly Point[] }[];
      }
    | undefined
  )[];
}

const listOf = <T>(list: readonly T[] | undefined): readonly T[] =>
  Array.isArray(list) ? (list as readonly T[]) : [];

function pointOf(point: Point, path: string, name: unknown = point.name): FileResult<GpxPoint> {
  const [latitudeDeg, longitudeDeg] = [numberOf(point.lat), numberOf(point.lon)];
  if (latitudeDeg === null || !isWithin('latitudeDeg', latitudeDeg))
    return refused('out-of-range', `${path}.lat`, 'lat is a number from -90 to 90');
  if (longitudeDeg === null || !isWithin('longitudeDeg', longitudeDeg))
    return refused('out-of-range', `${path}.lon`, 'lon is a number from -180 to 180');
  const notes = textOf(point.desc, MAX_NOTES) || textOf(point.cmt, MAX_NOTES);
  return {
    ok: true,
    value: { name: textOf(name, MAX_NAME), latitudeDeg, longitudeDeg, ...(notes ? { notes } : {}) },
  };
}

/** A number as programs write it, the smallest of them with an exponent. */
const NUMBER = /^[-+]?\d{1,3}(?:\.\d{1,20})?(?:e-\d{1,3})?$/i;

const numberOf = (value: unknown): number | null =>
  typeof value === 'string' && NUMBER.test(value.trim()) ? Number(value) : null;

const textOf = (value: unknown, most: number): string =>
  typeof value === 'string' ? value.slice(0, most).toWellFormed().trim() : '';

/** Whether tags are nested so deep, without reading what stands in them. */
function nestedDeeperThan(text: string, most: number): boolean {
  let depth = 0;
  for (let at = text.indexOf('<'); at >= 0; at = text.indexOf('<', at + 1)) {
    const next = text[at + 1];
    if (next === '/') depth--;
    else if (next !== '?' && next !== '!') {
      const end = text.indexOf('>', at);
      if (end < 0) return false;
      if (text[end - 1] !== '/' && ++depth > most) return true;
    }
  }
  return false;
}

/**
 * Places as a GPX 1.1 file, in their order: each a waypoint, or all of them the points of one route.
 */
export function writeGpx(
  name: string,
  points: readonly GpxPoint[],
  as: 'waypoints' | 'route' = 'waypoints',
): string {
  const builder = new XMLBuilder({ ignoreAttributes: false, attributeNamePrefix: '@', format: true });
  const written = points.map((p) => ({
    '@lat': degreesText(p.latitudeDeg),
    '@lon': degreesText(p.longitudeDeg),
    name: plain(p.name),
    ...(p.notes ? { desc: plain(p.notes) } : {}),
  }));
  const xml: string = builder.build({
    '?xml': { '@version': '1.0', '@encoding': 'UTF-8' },
    gpx: {
      '@xmlns': 'http://www.topografix.com/GPX/1/1',
      '@version': '1.1',
      '@creator': 'Pale Seam',
      metadata: { name: plain(name) },
      ...(as === 'route' ? { rte: { name: plain(name), rtept: written } } : { wpt: written }),
    },
  });
  return xml;
}

/** Degrees to a ten-millionth, a centimetre on the ground: further digits are noise, and some readers refuse them. */
const degreesText = (degrees: number): string => degrees.toFixed(7);

/** Text without what no XML may hold. */
const plain = (text: string): string =>
  // eslint-disable-next-line no-control-regex
  text.toWellFormed().replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g, ' ');
