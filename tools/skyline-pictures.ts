import { mkdirSync, writeFileSync } from 'node:fs';
import sharp from 'sharp';
import { type SkylineScene, skylineScene } from '@/testing/skyline-scenes';
import { simulated } from '@/testing/skyline-trials';

// the four pictures of known skyline that the tests read; all of them are tried by `npm run bench -- skyline`
const PICTURES: Readonly<Record<string, SkylineScene>> = {
  cones: simulated('cones', 21),
  'pan-at-noon': simulated('pan', 2, { altitudeDeg: 25, bearingDeg: 100 }),
  branches: skylineScene('branches', 502),
  none: skylineScene('none', 401),
};
const folder = 'tests/corpus/skylines';
mkdirSync(folder, { recursive: true });
const truths: Record<string, number[] | null> = {};
for (const [name, { pixels, truth }] of Object.entries(PICTURES)) {
  const { columns: width, rows: height, rgba } = pixels;
  await sharp(rgba, { raw: { width, height, channels: 4 } })
    .removeAlpha()
    .png({ compressionLevel: 9 })
    .toFile(`${folder}/${name}.png`);
  truths[name] = truth && Array.from(truth, (v) => Math.round(v * 1e5) / 1e5);
}
writeFileSync(`${folder}/truths.json`, `${JSON.stringify(truths)}\n`);
