import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { deflateSync } from 'fflate';
import sharp from 'sharp';
import { DataTexture, FloatType, RGBAFormat } from 'three';
import { EXRExporter } from 'three/addons/exporters/EXRExporter.js';
import { meterFromTyping } from '@/core/exposure';
import { readLabel } from '@/core/glass';
import { lightFigures, reduceLinear } from '@/core/photo';
import { shutterFromFileText, shutterFromTyping } from '@/core/units';
import { readBackupFile, writeBackupFile } from '@/files/backup-file';
import { readBagFile, writeBagFile } from '@/files/bag-file';
import { decoded, openBundle, writeBundle } from '@/files/bundle';
import { type FileError } from '@/files/errors';
import { readGlassCsv } from '@/files/glass-csv';
import { type HighRangeType, photoData, photoHeader } from '@/photos/formats';
import { readHighRange } from '@/photos/formats/high-range';
import { readCarried } from '@/files/carry';
import { readGpx, writeGpx } from '@/files/gpx';
import { readOutingFile, writeOutingFile } from '@/files/outing-file';
import { readTideTable } from '@/files/tide-table';
import { readReadingsCsv } from '@/files/readings-csv';
import { readStandFile, writeStandFile } from '@/files/stand-file';
import { readTakesCsv } from '@/files/takes-csv';
import { filterFromLabel, putFilter, sampleBag, withPhoto } from '@/model';
import { admitBag } from '@/model/documents/gate';
import { filterName } from '@/words';
import { testStand } from './fixtures';
import { fullPlans } from './plans';
import { seededIds } from './ids';
import { BINARY, DOCUMENT, type Mutation, TABLE } from './mutate';
import { radianceFile } from './radiance-file';
import { rawFile } from './raw-file';

/** What a reader made of a file; it may throw nothing. */
export type Outcome =
  | 'taken'
  | 'refused'
  /** It has broken a rule: what it took, its own writer's file is refused for, or it refused without saying where. */
  | { readonly broken: string };

/** A reader of files, with files that it reads and what is done to them. */
export interface FuzzedReader {
  readonly name: string;
  readonly samples: () => Promise<readonly Uint8Array[]>;
  readonly mutations: readonly Mutation[];
  readonly read: (bytes: Uint8Array<ArrayBuffer>) => Outcome | Promise<Outcome>;
}

/** Refusals of a file as a whole, which have no place in it. */
const OF_THE_WHOLE: readonly FileError['code'][] = [
  'not-json',
  'too-large',
  'too-deep',
  'wrong-format',
  'damaged',
];

const refusal = ({ code, path: at, message }: FileError): Outcome =>
  at || OF_THE_WHOLE.includes(code) ? 'refused' : { broken: `refused without a place: ${code} ${message}` };

type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly error: FileError };

/** What was taken must be written and read again. */
const taken = (written: Result<unknown>): Outcome =>
  written.ok
    ? 'taken'
    : { broken: `taken, and then not written: ${written.error.path}: ${written.error.message}` };

const bytesOf = (text: string) => new TextEncoder().encode(text);
const inFolder = (folder: string, name: RegExp) =>
  readdirSync(folder)
    .filter((f) => name.test(f))
    .map((f) => new Uint8Array(readFileSync(path.join(folder, f))));
const kept = (name: RegExp) => async () => inFolder('tests/kept', name);

const readText = (bytes: Uint8Array, read: (text: string) => Outcome): Outcome => {
  const text = decoded(bytes);
  return text === null ? 'refused' : read(text);
};

const backupOutcome = (text: string): Outcome => {
  const read = readBackupFile(text);
  if (!read.ok) return refusal(read.error);
  const nowhere = read.value.refused.find((r) => !r.error.path || r.text === null);
  if (nowhere) return { broken: `a ${nowhere.what} refused without a place or a text` };
  const written = writeBackupFile(read.value);
  if (!written.ok) return taken(written);
  const [bad] = written.value.unreadable;
  return bad ? { broken: `taken, and then unreadable: ${bad.error.path}: ${bad.error.message}` } : 'taken';
};

const standOutcome = (text: string): Outcome => {
  const read = readStandFile(text);
  return read.ok ? taken(writeStandFile(read.value)) : refusal(read.error);
};

const plain = () => sharp({ create: { width: 120, height: 80, channels: 3, background: '#8899aa' } });

async function exr(compression: number): Promise<Uint8Array> {
  const [columns, rows] = [32, 20];
  const data = Float32Array.from({ length: 4 * columns * rows }, (_, i) => 1 + (i % 97));
  const texture = new DataTexture(data, columns, rows, RGBAFormat, FloatType);
  return new Uint8Array(await new EXRExporter().parse(texture, { type: FloatType, compression }));
}

/** What becomes of a picture's light in a stand. */
function highRangeOutcome(bytes: Uint8Array<ArrayBuffer>, type: HighRangeType): Outcome {
  let pixels: ReturnType<typeof readHighRange>;
  try {
    pixels = readHighRange(bytes.slice().buffer, type);
  } catch {
    return 'refused';
  }
  const light = lightFigures(reduceLinear(pixels, 40));
  const picture = { sha256: 'a'.repeat(64), type: 'image/png' as const, columns: 40, rows: 25, light };
  return taken(writeStandFile({ stand: withPhoto(testStand(), picture), bag: sampleBag(), minor: 0 }));
}

const pictures = (make: () => Promise<readonly Uint8Array[]>, name: string): FuzzedReader => ({
  name,
  samples: make,
  mutations: BINARY,
  read: async (bytes) => {
    const found = photoHeader(bytes);
    if (!found.ok) return 'refused';
    const { type, columns, rows } = found.header;
    photoData(bytes, type);
    if (type !== 'image/vnd.radiance' && type !== 'image/x-exr') return 'taken';
    return columns * rows > 4e6 ? 'taken' : highRangeOutcome(bytes, type);
  },
});

const TABLES = {
  glass: 'name,label,width_mm\nold friend,0.9 soft,100\nwide,ND1000 150 x 170,\n,"3 stops, reverse",100\n',
  readings:
    'role,aperture,shutter,iso,across_percent,down_percent,taken_at,hold,through\nsky,8,1/125,100,30,10,05:41,,hard-2\nland,8,30",100,,,2026-03-14T05:41:00Z,yes,\n',
  shots:
    'stand,taken_at,aperture,seconds,iso,glass,seat_mm,on_lens,verdict,note\nMarl Pan,2026-05-01T05:30:00Z,11,1/8,100,,3.5,,keep,"wind, gusts"\nMarl Pan,2026-05-01T05:40:00Z,8,30,200,,,,,\n',
  notebook: 'sky, 8, 250, 100\nland f/8 1/30\nwater, EV 12.5\ncloud hold 4000 lux\n',
  labels: '0.9 soft 100 x 150\nND1000 dyed\n3 1/2 stops reverse\nCPL\n8x hard grad\n',
  typed: '1/250\n30s\n2 min 8 s\nEV 12.3 at ISO 400\n4000 lux\n320 cd/m2\n8 and 4/10\n',
};

const table = (name: keyof typeof TABLES, read: (text: string) => Outcome): FuzzedReader => ({
  name: `table of ${name}`,
  samples: async () => [bytesOf(TABLES[name])],
  mutations: TABLE,
  read: (bytes) => readText(bytes, read),
});

export const READERS: readonly FuzzedReader[] = [
  {
    name: 'stand',
    samples: kept(/^(?:stand|cones)/),
    mutations: DOCUMENT,
    read: (bytes) => readText(bytes, standOutcome),
  },
  {
    name: 'bag',
    samples: kept(/^bag/),
    mutations: DOCUMENT,
    read: (bytes) =>
      readText(bytes, (text) => {
        const read = readBagFile(text);
        return read.ok ? taken(writeBagFile(read.value)) : refusal(read.error);
      }),
  },
  {
    name: 'outing',
    samples: async () => inFolder('src/demo', /^outing/),
    mutations: DOCUMENT,
    read: (bytes) =>
      readText(bytes, (text) => {
        const read = readOutingFile(text);
        return read.ok ? taken(writeOutingFile(read.value)) : refusal(read.error);
      }),
  },
  {
    name: 'places',
    samples: async () => [bytesOf(writeGpx('Places', fullPlans.places))],
    mutations: TABLE,
    read: (bytes) =>
      readText(bytes, (text) => {
        const read = readGpx(text);
        if (!read.ok) return refusal(read.error);
        const nowhere = read.value.refused.find((r) => !r.path);
        return nowhere ? { broken: `refused without a place: ${nowhere.message}` } : 'taken';
      }),
  },
  {
    name: 'table of tides',
    samples: async () => [bytesOf('LW 04:12 0.6 m\nHW 1020 4.9\nHigh 16,1 ft 22.40\n')],
    mutations: TABLE,
    read: (bytes) =>
      readText(bytes, (text) => {
        const rows = readTideTable(text, { day: '2026-03-28', zone: 'Europe/London' });
        const inPart = rows.find((row) => row.error && row.turns.length);
        if (inPart) return { broken: `taken in part: ${inPart.line}` };
        return rows.every((row) => !row.error) ? 'taken' : 'refused';
      }),
  },
  {
    name: 'backup',
    samples: kept(/^backup-minor-2/),
    mutations: DOCUMENT,
    read: (bytes) => readText(bytes, backupOutcome),
  },
  {
    // what is changed is what the link packs: a link that is cut or changed itself is refused by its packing
    name: 'carried stand',
    samples: kept(/^stand-minor-5/),
    mutations: DOCUMENT,
    read: (bytes) => {
      const packed = `1${Buffer.from(deflateSync(bytes)).toString('base64url')}`;
      const read = readCarried(packed);
      return read.ok ? standOutcome(read.value.file) : refusal(read.error);
    },
  },
  {
    name: 'carried link',
    samples: async () => {
      const [bytes = new Uint8Array()] = inFolder('tests/kept', /^stand-minor-5/);
      return [bytesOf(`1${Buffer.from(deflateSync(bytes)).toString('base64url')}`)];
    },
    mutations: TABLE,
    read: (bytes) =>
      readText(bytes, (text) => {
        const read = readCarried(text);
        return read.ok ? standOutcome(read.value.file) : refusal(read.error);
      }),
  },
  {
    name: 'bundle',
    samples: async () => {
      const [text] = inFolder('tests/kept', /^stand-minor-5/).map((b) => new TextDecoder().decode(b));
      const { createHash } = await import('node:crypto');
      const bytes = new Uint8Array(await plain().jpeg().toBuffer());
      const sha256 = createHash('sha256').update(bytes).digest('hex');
      const picture = { sha256, type: 'image/jpeg', bytes: bytes.slice().buffer };
      const bundle = await writeBundle({ kind: 'stand', text: text as string, pictures: [picture] });
      return bundle.ok ? [bundle.value] : [];
    },
    mutations: BINARY,
    read: async (bytes) => {
      const opened = await openBundle(new Blob([bytes]));
      if (!opened.ok) return refusal(opened.error);
      for (const sha256 of opened.value.sha256s) {
        const picture = await opened.value.picture(sha256);
        if (!picture.ok && !picture.error.path) return { broken: 'a picture refused without a place' };
      }
      return opened.value.kind === 'stand'
        ? standOutcome(opened.value.text)
        : backupOutcome(opened.value.text);
    },
  },
  table('glass', (text) => {
    const rows = readGlassCsv(text, sampleBag(), seededIds());
    const bag = rows.reduce((b, row) => (row.ok ? putFilter(b, row.filter) : b), sampleBag());
    const fault = admitBag(sampleBag(), bag);
    if (fault) return { broken: `taken, and then not admitted: ${fault.path}: ${fault.message}` };
    return rows.some((r) => r.ok) ? taken(writeBagFile(bag)) : 'refused';
  }),
  table('shots', (text) => {
    const stand = testStand({ id: 'st', name: 'Marl Pan' });
    const rows = readTakesCsv(text, [{ stand, bag: sampleBag() }], filterName);
    const newId = seededIds();
    const takes = rows.flatMap((row) => (row.ok ? [{ ...row.take, id: newId('k') }] : [])).slice(0, 400);
    if (!takes.length) return 'refused';
    return taken(writeStandFile({ stand: { ...stand, takes }, bag: sampleBag(), minor: 0 }));
  }),
  ...(['readings', 'notebook'] as const).map((name) =>
    table(name, (text) => {
      const context = { bag: sampleBag(), aperture: 8, iso: 100, day: '2026-03-14T05:00:00Z' };
      const newId = seededIds();
      const readings = readReadingsCsv(text, context)
        .flatMap((row) => (row.ok ? [{ ...row.reading, id: newId('r') }] : []))
        .slice(0, 400);
      if (!readings.length) return 'refused';
      return taken(writeStandFile({ stand: testStand({ readings }), bag: sampleBag(), minor: 0 }));
    }),
  ),
  table('labels', (text) => {
    let outcome: Outcome = 'refused';
    for (const line of text.split('\n').slice(0, 200)) {
      const read = readLabel(line);
      if (!read.ok) continue;
      const bag = putFilter(sampleBag(), filterFromLabel(read, 'typed', sampleBag()));
      const fault = admitBag(sampleBag(), bag);
      if (fault)
        return { broken: `understood, and then not admitted: ${line}: ${fault.path}: ${fault.message}` };
      outcome = taken(writeBagFile(bag));
      if (outcome !== 'taken') return outcome;
    }
    return outcome;
  }),
  table('typed', (text) => {
    for (const line of text.split('\n').slice(0, 200)) {
      meterFromTyping(line, 'shutter');
      meterFromTyping(line, 'ev');
      shutterFromTyping(line);
      shutterFromFileText(line);
    }
    return 'taken';
  }),
  pictures(
    async () => [
      new Uint8Array(
        await plain()
          .withExif({ IFD2: { FNumber: '110/10' } })
          .jpeg()
          .toBuffer(),
      ),
      new Uint8Array(readFileSync('src/demo/pictures/marl-pan.jpg')),
    ],
    'JPEG',
  ),
  pictures(async () => [new Uint8Array(await plain().png().toBuffer())], 'PNG'),
  pictures(async () => [new Uint8Array(await plain().webp().toBuffer())], 'WebP'),
  pictures(async () => [new Uint8Array(await plain().avif().toBuffer())], 'AVIF'),
  pictures(async () => [radianceFile(32, 20, (c, r) => [1 + c, 1 + r, 2]), runs()], 'Radiance'),
  pictures(() => Promise.all([0, 2, 3].map(exr)), 'OpenEXR'),
  pictures(async () => [Uint8Array.from(rawFile({ columns: 16, rows: 12, light: () => 0.4 }))], 'raw'),
];

/** A Radiance file whose lines are written in runs. */
function runs(): Uint8Array {
  const [columns, rows] = [16, 6];
  const head = bytesOf(`#?RADIANCE\nFORMAT=32-bit_rle_rgbe\n\n-Y ${rows} +X ${columns}\n`);
  const line = [2, 2, 0, columns, 128 + 16, 90, 4, 1, 2, 3, 4, 128 + 12, 70, 128 + 16, 60, 128 + 16, 130];
  return Uint8Array.from([...head, ...Array.from({ length: rows }, () => line).flat()]);
}
