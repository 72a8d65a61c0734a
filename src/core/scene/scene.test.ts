import { REGION_CODES } from '@/core/field';
import { mean } from '@/core/numerics';
import { daylightLux } from '@/core/sky';
import { linearFromSrgb, luminanceOf } from '@/core/units';
import { evOfLuminance } from '@/core/exposure';
import { LANDSCAPES, type LandscapeName, makeScene, sceneView, takePhoto } from '.';
import { skyLight } from './parts/sky-light';
import { type RgbOut } from './parts/types';

const NAMES = Object.keys(LANDSCAPES) as LandscapeName[];
const code = (region: (typeof REGION_CODES)[number]) => REGION_CODES.indexOf(region);

describe('the light of a simulated sky', () => {
  const suns = [
    { altitudeDeg: 40, bearingDeg: 0 },
    { altitudeDeg: 8, bearingDeg: 120 },
    { altitudeDeg: -4, bearingDeg: -30 },
  ];

  it.each(suns)('gives level ground what the daylight table says, sun at $altitudeDeg degrees', (sun) => {
    const sky = skyLight({ air: 'clear' }, sun);
    const upright = Math.max(0, sky.towards[2]);
    const onGround = luminanceOf(...sky.skyLux) + upright * luminanceOf(...sky.sunLux);
    const table = daylightLux(sun.altitudeDeg)!;
    expect(Math.abs(Math.log2(onGround / table))).toBeLessThan(0.1);
  });

  it('under an even overcast is three times as bright overhead as at the horizon (CIE)', () => {
    const sky = skyLight({ air: 'overcast' }, suns[0]!);
    const look = (z: number) => {
      const out: RgbOut = [0, 0, 0];
      sky.air(0, Math.sqrt(1 - z * z), z, out);
      return luminanceOf(...out);
    };
    expect(look(1) / look(0)).toBeGreaterThan(2.5);
    expect(look(1) / look(0)).toBeLessThan(3.2);
  });
});

describe.each(NAMES)('the scene “%s”', (landscape) => {
  const order = { landscape, seed: 5, columns: 48 };
  const scene = makeScene(order);

  it('is the same for the same seed, and another for another', () => {
    expect(makeScene(order)).toEqual(scene);
    expect(makeScene({ ...order, seed: 6 }).rgb).not.toEqual(scene.rgb);
  });

  it('has light everywhere, and sky above its skyline only', () => {
    expect(scene.rgb.every((x) => Number.isFinite(x) && x >= 0)).toBe(true);
    const { columns, rows } = sceneView(order);
    let astray = 0;
    for (let column = 0; column < columns; column++)
      for (let row = 0; row < rows; row++) {
        const region = scene.regions[row * columns + column];
        if (region === code('feature')) continue;
        const isAbove = (row + 0.5) / rows < (scene.skyline[column] as number);
        if ((region === code('sky')) !== isAbove) astray++;
      }
    expect(astray / (columns * rows)).toBeLessThan(landscape === 'fall' ? 0.1 : 0.005);
  });
});

describe('a simulated camera', () => {
  const scene = makeScene({ landscape: 'dunes', seed: 2, columns: 72 });
  const evAt = (i: number) =>
    evOfLuminance(luminanceOf(scene.rgb[3 * i]!, scene.rgb[3 * i + 1]!, scene.rgb[3 * i + 2]!));
  const recorded = (rgb: Uint8ClampedArray, i: number) =>
    luminanceOf(...([0, 1, 2].map((k) => linearFromSrgb(rgb[3 * i + k]! / 255)) as [number, number, number]));

  it.each([1, 0.7])('records light with the contrast that it is given: %p', (contrast) => {
    const midGreyEv = 15;
    const { rgb } = takePhoto(scene, {
      midGreyEv,
      contrast,
      fullWellElectrons: 1e9,
      readNoiseElectrons: 0,
    });
    let compared = 0;
    for (let i = 0; i < scene.columns * scene.rows; i += 7) {
      const bytes = [0, 1, 2].map((k) => rgb[3 * i + k]!);
      // a byte of one hue cut off or rounded away tells nothing
      if (Math.max(...bytes) > 250 || Math.min(...bytes) < 25) continue;
      const expected = Math.log2(0.18) + contrast * (evAt(i) - midGreyEv);
      expect(Math.abs(Math.log2(recorded(rgb, i)) - expected)).toBeLessThan(0.06);
      compared++;
    }
    expect(compared).toBeGreaterThan(100);
  });

  it('has noise that follows the light, and cuts off what is too bright', () => {
    const few = takePhoto(scene, { midGreyEv: 12, fullWellElectrons: 400, seed: 3 }).rgb;
    const many = takePhoto(scene, { midGreyEv: 12, fullWellElectrons: 4e6, seed: 3 }).rgb;
    const differences = Array.from(few, (x, i) => Math.abs(x - many[i]!));
    expect(mean(differences)).toBeGreaterThan(0.5);
    expect(Math.max(...few)).toBe(255);
  });
});
