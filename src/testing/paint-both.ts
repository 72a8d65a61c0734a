import { seededRandom } from '@/core/numerics';
import { srgbFromLinear } from '@/core/units';
import { canvasPainter } from '@/render/canvas-painter';
import { type FrameView } from '@/render/frame-picture';
import { glPainter } from '@/render/gl-painter';
import { rowReader } from '@/render/pixels/between';
import { displayLight, THEME_TINTS } from '@/render/pixels/display-light';

/** One frame painted three ways at sampled points, levels of the display. */
interface PaintedBoth {
  /** Null where there is no graphics processor, not even a simulated one. */
  readonly gl: number[] | null;
  readonly canvas: number[];
  /** By the definition, a point at a time. */
  readonly defined: number[];
}

const SAMPLES = 2000;
const SIZE = { columns: 180, rows: 120 };
const CELLS = { columns: 30, rows: 20 };

const NO_CAST = { whole: { red: 0, blue: 0 }, perStop: { red: 0, blue: 0 } };

/** A frame of made-up light and glass. */
function frameOf(seed: number): FrameView {
  const random = seededRandom(seed);
  const count = SIZE.columns * SIZE.rows;
  const cells = CELLS.columns * CELLS.rows;
  const tilt = 4 * random();
  return {
    plate: {
      ...SIZE,
      log: Float32Array.from({ length: count }, () => -13 + 14 * random()),
      colour: Float32Array.from({ length: 3 * count }, () => 0.3 + 1.6 * random()),
    },
    tie: { offsetEv: 10 + 4 * random(), contrast: 0.8 + 0.5 * random() },
    isMonochrome: seed % 3 === 0,
    picture: {
      layers: { ...CELLS, ev: () => new Float32Array(cells), usualEv: 9, assumed: new Set() },
      frame: { widthMm: 36, heightMm: 24 },
      lens: { focalLengthMm: 24, aperture: 11 as never, pupilToFilterMm: 40, pupilEstimated: false },
      skyline: [],
      shapes: [],
      window: { highlightRoom: 3, shadowRoom: 5.8, printRoom: 3.9 },
      evMidGrey: 9 + 3 * random(),
      glass: null,
      vignette: Float64Array.from({ length: cells }, (_, i) => tilt * (i / cells) + 0.3 * random()),
      skyShift: null,
      known: null,
      cast: seed > 1 ? { whole: { red: 0.3, blue: -0.2 }, perStop: { red: -0.1, blue: 0.2 } } : null,
      theme: seed % 2 ? 'dusk' : 'noon',
    },
  };
}

function paintBoth(seed: number): PaintedBoth {
  const view = frameOf(seed);
  const { columns, rows } = SIZE;
  const canvasOf = () => Object.assign(document.createElement('canvas'), { width: columns, height: rows });
  const page = canvasOf();
  canvasPainter(page).paint(view);
  const painted = page.getContext('2d')!.getImageData(0, 0, columns, rows).data;
  const gpu = canvasOf();
  const painter = glPainter(gpu);
  const bytes = new Uint8Array(4 * columns * rows);
  if (painter) {
    painter.paint(view);
    const gl = gpu.getContext('webgl2')!;
    gl.readPixels(0, 0, columns, rows, gl.RGBA, gl.UNSIGNED_BYTE, bytes);
  }
  const { plate, tie, picture, isMonochrome } = view;
  const rowOf = rowReader({ ...CELLS, values: picture.vignette! }, columns, rows);
  const random = seededRandom(1000 + seed);
  const found = { gl: [] as number[], canvas: [] as number[], defined: [] as number[] };
  for (let n = 0; n < SAMPLES; n++) {
    const [column, row] = [Math.floor(random() * columns), Math.floor(random() * rows)];
    const i = row * columns + column;
    const tone = tie.offsetEv + tie.contrast * plate.log[i]! - rowOf(row)[column]! - picture.evMidGrey;
    const light = displayLight(tone, picture.window);
    const k = n % 3;
    const { whole, perStop } = (!isMonochrome && picture.cast) || NO_CAST;
    const lost = rowOf(row)[column]!;
    const stops = [whole.red, 0, whole.blue][k]! + [perStop.red, 0, perStop.blue][k]! * lost;
    const own =
      light * (isMonochrome ? 1 : plate.colour[3 * i + k]!) * THEME_TINTS[picture.theme][k]! * 2 ** -stops;
    found.defined.push(255 * srgbFromLinear(Math.min(1, own)));
    found.canvas.push(painted[4 * i + k]!);
    found.gl.push(bytes[4 * ((rows - 1 - row) * columns + column) + k]!);
  }
  return { ...found, gl: painter && found.gl };
}

Object.assign(globalThis, { paintBoth });
