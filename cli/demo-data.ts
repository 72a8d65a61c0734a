import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import sharp from 'sharp';
import { polarises } from '@/core/glass';
import { evOfLuminance } from '@/core/exposure';
import { lightFigures, LIGHT_CELLS, reducePixels } from '@/core/photo';
import { LANDSCAPES, makeScene, type SceneLight, type SceneOrder, sceneView, takePhoto } from '@/core/scene';
import { exactAperture, luminanceOf, MID_GREY, nearestShutterMark } from '@/core/units';
import { readBagFile, writeStandFile } from '@/files';
import {
  type Bag,
  bagAtLens,
  deriveStand,
  fittedFilters,
  type Reading,
  solveStand,
  type Stand,
  takeOf,
  withSeen,
  withTake,
} from '@/model';
import { sceneSkyline } from '@/photos/scene-light';
import { DEMO_STANDS, type DemoShot, type DemoSpot, type DemoStand } from './demo-stands';

const OUT = path.resolve(import.meta.dirname, '../src/demo');
/** Points along the long side of a picture, and how many times finer it is made, so that edges come out smooth. */
const COLUMNS = 1440;
const FINER = 1.25;
/** Pictures of cameras compress tones. */
const CONTRAST = 0.82;
/** The brightest part of the light that is let go blown: a hundredth or so. */
const HELD = 0.985;

const evOf = ({ rgb }: SceneLight, i: number): number =>
  evOfLuminance(luminanceOf(rgb[3 * i] as number, rgb[3 * i + 1] as number, rgb[3 * i + 2] as number));

const bag = demoBag();

/** Makes the demo's pictures and stands from the scene simulator: truth, and what a camera and a meter make of it. */
for (const demo of DEMO_STANDS.filter(
  ({ file }) => !process.argv[2] || process.argv.slice(2).includes(file),
)) {
  const order: SceneOrder = { ...demo.scene, columns: Math.round(COLUMNS * FINER) };
  const scene = makeScene(order);
  const jpeg = await picture(scene, order, demo);
  mkdirSync(path.join(OUT, 'pictures'), { recursive: true });
  writeFileSync(path.join(OUT, 'pictures', `${demo.file}.jpg`), jpeg.bytes);
  const stand = await standOf(scene, order, demo, jpeg);
  const own = { slots: bag.slots ?? 1, filters: bag.filters };
  const written = writeStandFile({ stand: withShots(stand, demo.shots), bag: own, minor: 0 });
  if (!written.ok) throw new Error(`${demo.file}: ${written.error.path}: ${written.error.message}`);
  writeFileSync(path.join(OUT, `${demo.file}.paleseam.json`), written.value);
  const evs = stand.readings.map((r) => `${r.role} ${r.shutter}`).join(', ');
  console.log(`${demo.file}: ${Math.round(jpeg.bytes.length / 1000)} kB; ${evs}`);
}

/** The stand with shots of it, each as its slip said. */
function withShots(stand: Stand, shots: readonly DemoShot[] = []): Stand {
  const own = bagAtLens(stand, bag);
  const derived = deriveStand(stand, own, solveStand(stand, own));
  return shots.reduce((shot, { at, seen, verdict, note }, i) => {
    const take = takeOf({ stand, bag: own, derived }, `shot-${i + 1}`, at);
    if (!take) throw new Error(`${stand.id} has no time to be shot at`);
    const next = withTake(shot, { ...take, ...(verdict ? { verdict } : {}), ...(note ? { note } : {}) });
    return seen ? withSeen(next, own, { id: `seen-${i + 1}`, takeId: take.id, ...seen }, null) : next;
  }, stand);
}

/** The shutter mark that an EV asks for at ISO 100. */
function markFor(ev: number, aperture: number) {
  const nearest = nearestShutterMark(exactAperture(aperture) ** 2 / 2 ** ev);
  if (!nearest) throw new Error(`EV ${ev} is too dark for a shutter mark`);
  return nearest.mark;
}

function demoBag(): Bag {
  const read = readBagFile(readFileSync(path.join(OUT, 'bag.paleseam.json'), 'utf8'));
  if (!read.ok) throw new Error(`${read.error.path}: ${read.error.message}`);
  return read.value;
}

interface Jpeg {
  readonly bytes: Buffer;
  readonly exposure: { readonly aperture: number; readonly shutter: string; readonly iso: number };
}

async function picture(scene: SceneLight, order: SceneOrder, demo: DemoStand): Promise<Jpeg> {
  // what blows is a channel, before the luminance does
  const evs = Float64Array.from({ length: scene.columns * scene.rows }, (_, i) =>
    evOfLuminance(Math.max(scene.rgb[3 * i] as number, scene.rgb[3 * i + 1] as number)),
  ).sort();
  const white = evs[Math.floor(HELD * evs.length)] as number;
  // exposed in thirds of a stop, as cameras do, and rather too dark
  const wanted = white - Math.log2(1 / MID_GREY) / CONTRAST + 1 / 6;
  const aperture = 8;
  const mark = markFor(wanted, aperture);
  const midGreyEv = Math.log2(exactAperture(aperture) ** 2 / mark.exact);
  const shot = takePhoto(scene, { midGreyEv, contrast: CONTRAST, cornerStops: 0.25, seed: order.seed });
  const rational = (x: number) => (x >= 1 ? `${Math.round(x * 10)}/10` : `1/${Math.round(1 / x)}`);
  const view = sceneView(order);
  const bytes = await sharp(Buffer.from(shot.rgb), {
    raw: { width: shot.columns, height: shot.rows, channels: 3 },
  })
    .resize(COLUMNS)
    .withExif({
      IFD0: { Software: 'Pale Seam scene simulator' },
      IFD2: {
        FNumber: '80/10',
        ExposureTime: rational(mark.exact),
        ISOSpeedRatings: '100',
        FocalLength: `${view.focalLengthMm}/1`,
        DateTimeOriginal: demo.stand.createdAt.slice(0, 19).replaceAll('-', ':').replace('T', ' '),
      },
    })
    .jpeg({ quality: 80, mozjpeg: true })
    .toBuffer();
  return { bytes, exposure: { aperture, shutter: mark.name, iso: 100 } };
}

async function standOf(
  scene: SceneLight,
  order: SceneOrder,
  demo: DemoStand,
  { bytes, exposure }: Jpeg,
): Promise<Stand> {
  const { data, info } = await sharp(bytes).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  const pixels = { columns: info.width, rows: info.height, rgba: new Uint8ClampedArray(data) };
  const kind = LANDSCAPES[order.landscape];
  return {
    ...demo.stand,
    lens: { ...demo.stand.lens, focalLengthMm: order.view?.focalLengthMm ?? kind.view.focalLengthMm },
    skyline: sceneSkyline(scene),
    picture: {
      sha256: createHash('sha256').update(bytes).digest('hex'),
      type: 'image/jpeg',
      columns: info.width,
      rows: info.height,
      name: `${demo.file}.jpg`,
      light: lightFigures(reducePixels(pixels, LIGHT_CELLS)),
      exposure,
      takenAt: demo.stand.createdAt,
    },
    readings: demo.spots.map((spot, i) => ({ ...metered(scene, spot, i), ...throughPolariser(demo.stand) })),
  };
}

/** A polariser stays on while one reads. */
function throughPolariser(stand: DemoStand['stand']): Pick<Reading, 'throughFilterIds'> {
  const ids = fittedFilters(stand, bag)
    .filter(polarises)
    .map((f) => f.id);
  return ids.length ? { throughFilterIds: ids } : {};
}

/** What a meter of three degrees or so shows at a spot, to the third of a stop. */
function metered(scene: SceneLight, { role, u, v, limit }: DemoSpot, index: number): Reading {
  const radius = 0.014 * scene.columns;
  let sum = 0;
  let count = 0;
  for (let y = Math.floor(v * scene.rows - radius); y <= v * scene.rows + radius; y++)
    for (let x = Math.floor(u * scene.columns - radius); x <= u * scene.columns + radius; x++) {
      if (
        Math.hypot(x - u * scene.columns, y - v * scene.rows) > radius ||
        x < 0 ||
        y < 0 ||
        x >= scene.columns ||
        y >= scene.rows
      )
        continue;
      sum += 2 ** evOf(scene, y * scene.columns + x);
      count++;
    }
  const mark = markFor(Math.log2(sum / count), 8);
  return {
    id: `r${index + 1}`,
    role,
    u,
    v,
    aperture: 8,
    shutter: mark.name,
    iso: 100,
    ...(limit ? { limit } : {}),
  };
}
