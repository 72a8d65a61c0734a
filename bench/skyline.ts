import { type LandscapeName, LANDSCAPES } from '@/core/scene';
import { HELD_OUT, SKYLINE_CLASSES, type SkylineScene, skylineScene } from '@/testing/skyline-scenes';
import { claims, RIGHT, simulated, tried, turned } from '@/testing/skyline-trials';
import { type Figure, figure } from './measure';

/** Seeds that nothing was fitted to and no rule was found by. */
const SEEDS = Array.from({ length: 6 }, (_, i) => 901 + i);

/** How often the skyline is right, class by class, what it claims, and how often that is right; then the same pictures turned. */
export function* skylineFigures(): Generator<Figure> {
  const scenes: [string, (seed: number) => SkylineScene][] = [
    ...SKYLINE_CLASSES.map((kind): [string, (seed: number) => SkylineScene] => [
      (HELD_OUT as readonly string[]).includes(kind) ? `held-out-${kind}` : `drawn-${kind}`,
      (seed) => skylineScene(kind, seed),
    ]),
    ...(Object.keys(LANDSCAPES) as LandscapeName[]).map((name): [string, (seed: number) => SkylineScene] => [
      `simulated-${name}`,
      (seed) => simulated(name, seed),
    ]),
  ];
  let claimed = 0;
  let kept = 0;
  let turnedClaims = 0;
  for (const [name, sceneOf] of scenes) {
    let right = 0;
    for (const seed of SEEDS) {
      const scene = sceneOf(seed);
      const trial = tried(scene);
      const isRight = scene.truth ? trial.error < RIGHT : !trial.hasSky;
      if (isRight) right++;
      if (claims(trial)) {
        claimed++;
        if (isRight) kept++;
      }
      const over = turned(scene.pixels, 1 + (seed % 3));
      if (claims(tried({ pixels: over, truth: null }))) turnedClaims++;
    }
    yield figure(`skyline-${name}`, 'of 6', [right]);
  }
  yield figure('skyline-claims', `of ${scenes.length * SEEDS.length}`, [claimed]);
  yield figure('skyline-claims-right', `of ${claimed}`, [kept]);
  yield figure('skyline-claims-turned', `of ${scenes.length * SEEDS.length}`, [turnedClaims]);
}
