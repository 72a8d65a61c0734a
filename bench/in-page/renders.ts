import { rendersDuring } from '@/testing/renders';

/** The next two frames have been drawn: whatever a deed wakes has been woken. */
const drawn = () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));

// watches from before React is there; a benchmark asks between two of its deeds how many parts were rendered
let end: (() => void) | null = null;
let found: Promise<readonly string[]> = Promise.resolve([]);
Object.assign(globalThis, {
  beginRenders: () => {
    found = rendersDuring(() => new Promise<void>((resolve) => (end = resolve)));
  },
  endRenders: async () => {
    await drawn();
    end?.();
    return (await found).length;
  },
});
