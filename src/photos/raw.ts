import { type LinearPixels } from '@/core/photo';
import { tellsOf } from '@/photos/formats';
import { type PhotoTells } from '@/model';

/** What a camera recorded, developed plainly: in linear light, or else the preview that the camera put beside it. */
export type RawRead =
  | { readonly ok: true; readonly pixels: LinearPixels; readonly tells: PhotoTells }
  | { readonly ok: true; readonly preview: Uint8Array<ArrayBuffer>; readonly tells: PhotoTells }
  | { readonly ok: false; readonly fault: 'unsupported' | 'too-many-pixels' | 'raw-not-here' };

/** The reader's own worker stands beside the page's files as it came, under a policy of its own. */
const READER = '/raw/worker.js';
const MAX_PIXELS = 80_000_000;
/** Larger pictures are read at half their size, which needs no guess at the colours between. */
const WHOLE_PIXELS = 4_000_000;
const WHITE = 65_535;
/** How long the reader may take to answer at all, ms: one that cannot start says nothing. */
const PATIENCE_MS = 60_000;

/** Linear light in the colours of a screen, white balance as the camera set it, nothing brightened. */
const PLAIN = {
  outputBps: 16,
  gamm: [1, 1],
  noAutoBright: true,
  useCameraWb: true,
  outputColor: 1,
  userQual: 0,
};

interface Metadata {
  readonly width: number;
  readonly height: number;
  readonly iso_speed: number;
  readonly shutter: number;
  readonly aperture: number;
  readonly focal_len: number;
}

interface Developed {
  readonly width: number;
  readonly height: number;
  readonly colors: number;
  readonly data: Uint16Array;
}

/** Reads what a camera recorded, in a worker of the reader's own; it needs memory that workers share. */
export async function readRaw(bytes: Uint8Array): Promise<RawRead> {
  if (!self.crossOriginIsolated) return { ok: false, fault: 'raw-not-here' };
  const reader = new Reader();
  try {
    return await developed(reader, bytes);
  } finally {
    reader.end();
  }
}

async function developed(reader: Reader, bytes: Uint8Array): Promise<RawRead> {
  let metadata: Metadata;
  try {
    await reader.ask('open', bytes.slice(), PLAIN);
    metadata = (await reader.ask('metadata', false)) as Metadata;
    const pixels = metadata.width * metadata.height;
    if (pixels > MAX_PIXELS) return { ok: false, fault: 'too-many-pixels' };
    if (pixels > WHOLE_PIXELS) await reader.ask('open', bytes.slice(), { ...PLAIN, halfSize: true });
  } catch {
    return { ok: false, fault: 'unsupported' };
  }
  const tells = tellsOf({
    FNumber: metadata.aperture,
    ExposureTime: metadata.shutter,
    ISO: metadata.iso_speed,
    FocalLength: metadata.focal_len,
  });
  try {
    return { ok: true, pixels: linearPixels((await reader.ask('imageData')) as Developed), tells };
  } catch {
    const preview = await reader.ask('thumbnailData').catch(() => null);
    const data = (preview as { readonly data?: Uint8Array<ArrayBuffer> } | null)?.data;
    // it opens whatever may be of its kind: that it is not shows only here
    return data ? { ok: true, preview: data, tells } : { ok: false, fault: 'unsupported' };
  }
}

function linearPixels({ width, height, colors, data }: Developed): LinearPixels {
  if (!(colors >= 1) || data.length < width * height * colors) throw new Error('fewer pixels than told');
  const rgb = new Float32Array(3 * width * height);
  for (let i = 0; i < width * height; i++)
    for (let k = 0; k < 3; k++)
      rgb[3 * i + k] = (data[colors * i + Math.min(k, colors - 1)] as number) / WHITE;
  return { columns: width, rows: height, rgb, white: 1 };
}

/** The reader's worker: asked one thing after the other. */
class Reader {
  readonly #worker = new Worker(READER, { type: 'module' });
  #id = 0;

  ask(fn: string, ...args: unknown[]): Promise<unknown> {
    const id = this.#id++;
    return new Promise((resolve, reject) => {
      const late = setTimeout(() => reject(new Error('no answer')), PATIENCE_MS);
      this.#worker.onmessage = ({ data }: MessageEvent<{ id: number; out?: unknown; error?: string }>) => {
        if (data.id !== id) return;
        clearTimeout(late);
        if (data.error === undefined) resolve(data.out);
        else reject(new Error(data.error));
      };
      this.#worker.onerror = (event) => {
        clearTimeout(late);
        reject(new Error(event.message));
      };
      this.#worker.postMessage({ id, fn, args });
    });
  }

  end(): void {
    this.#worker.terminate();
  }
}
