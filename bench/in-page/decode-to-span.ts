import { readStandFile } from '@/files';
import { deriveStand, prepareStand, withPhoto } from '@/model';
import { readPhoto } from '@/photos/read-photo';

/** Milliseconds of the browser's own decode of a picture, and of everything from its file to a stand's span. */
export interface InPage {
  readonly decode: readonly number[];
  readonly toSpan: readonly number[];
}

async function timed(work: () => Promise<unknown>): Promise<number> {
  const begun = performance.now();
  await work();
  return performance.now() - begun;
}

async function spanFrom(bytes: ArrayBuffer, standText: string): Promise<number> {
  const opened = readStandFile(standText);
  if (!opened.ok) throw new Error(opened.error.message);
  const steps = readPhoto({ bytes, name: 'bench.jpg' });
  let step = await steps.next();
  while (!step.done) step = await steps.next();
  if (!step.value.ok) throw new Error(step.value.fault);
  const { bag } = opened.value;
  const stand = withPhoto(opened.value.stand, step.value.picture);
  const { spanStops } = deriveStand(stand, bag, null, prepareStand(stand, bag));
  if (spanStops === null) throw new Error('no span');
  return spanStops;
}

/** Called by the benchmark, in a page of its own. */
async function measure(base64: string, standText: string, count: number): Promise<InPage> {
  const { buffer } = Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));
  const decode: number[] = [];
  const toSpan: number[] = [];
  for (let i = 0; i < count; i++) {
    decode.push(
      await timed(async () => {
        const bitmap = await createImageBitmap(new Blob([buffer], { type: 'image/jpeg' }));
        // what is not looked at may not be decoded yet
        const canvas = new OffscreenCanvas(1, 1);
        canvas.getContext('2d')?.drawImage(bitmap, 0, 0, 1, 1);
        canvas.getContext('2d')?.getImageData(0, 0, 1, 1);
        bitmap.close();
      }),
    );
    toSpan.push(await timed(() => spanFrom(buffer, standText)));
  }
  return { decode, toSpan };
}

Object.assign(globalThis, { measure });
