import { randomBytes } from 'node:crypto';
import { readStandFile, writeStandFile } from '@/files';
import { choose, idSource } from '@/model';
import { memoryStorage } from '@/persist';
import { createWorkspace } from '@/store/workspace';
import thollSaddle from '../src/demo/tholl-saddle.paleseam.json' with { type: 'json' };
import { type Figure, figure } from './measure';

const FRAMES = 200;
const FRAME_MS = 16;
const RUNS = 3;

/** A seat dragged for some seconds: how often, how much and for how long that writes. */
export async function* writeFigures(): AsyncGenerator<Figure> {
  const drags = [];
  for (let i = 0; i < RUNS; i++) drags.push(await drag());
  yield figure(
    'drag-writes',
    'writes',
    drags.map((d) => d.writes),
  );
  yield figure(
    'drag-written',
    'kB',
    drags.map((d) => d.bytes / 1000),
  );
  yield figure(
    'drag-frame',
    'ms',
    drags.map((d) => d.editMs / FRAMES),
  );
  yield figure(
    'drag-saved-after',
    'ms',
    drags.map((d) => d.savedAfterMs),
  );
}

async function drag() {
  const storage = memoryStorage();
  let [writes, bytes] = [0, 0];
  const workspace = createWorkspace({
    open: async () => ({
      ...storage,
      putStand: (document, from) => {
        writes++;
        bytes += JSON.stringify(document).length;
        return storage.putStand(document, from);
      },
    }),
    newId: idSource((count) => randomBytes(count)),
    now: () => new Date().toISOString(),
  });
  await workspace.load();
  const opened = readStandFile(JSON.stringify(thollSaddle));
  const text = opened.ok ? writeStandFile(opened.value) : opened;
  const added = text.ok ? workspace.importStand(text.value) : text;
  if (!added.ok) throw new Error(added.error.message);
  await workspace.settled();
  [writes, bytes] = [0, 0];
  const document = workspace.open(added.value)!;
  const sheet = workspace.bag.state.getState().value.filters[0]!.id;
  let editMs = 0;
  document.beginGesture();
  for (let frame = 0; frame < FRAMES; frame++) {
    const begun = performance.now();
    document.edit((d) => ({
      ...d,
      stand: choose(d.stand, { filterIds: [sheet], offsetMm: frame / 10, turnDeg: 0 }),
    }));
    editMs += performance.now() - begun;
    await new Promise((resolve) => setTimeout(resolve, FRAME_MS));
  }
  const ended = performance.now();
  document.endGesture();
  await workspace.settled();
  return { writes, bytes, editMs, savedAfterMs: performance.now() - ended };
}
