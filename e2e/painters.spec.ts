import { expect, test } from '@playwright/test';
import { build } from 'esbuild';

/** What `src/testing/paint-both.ts` finds at sampled points. */
interface PaintedBoth {
  readonly gl: number[] | null;
  readonly canvas: number[];
  readonly defined: number[];
}

/** The frame by a (simulated) graphics processor and in the page, held to each other and to their definition. */

test.use({
  launchOptions: {
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--use-angle=swiftshader', '--enable-unsafe-swiftshader'],
  },
});

test('the picture is alike within one level however it is painted, at 2,000 points', async ({ page }) => {
  const { outputFiles } = await build({
    entryPoints: ['src/testing/paint-both.ts'],
    bundle: true,
    write: false,
    format: 'iife',
    tsconfig: 'tsconfig.base.json',
    logLevel: 'error',
  });
  await page.goto('about:blank');
  await page.addScriptTag({ content: outputFiles[0]!.text });
  for (const seed of [1, 2, 3, 6]) {
    const { gl, canvas, defined } = await page.evaluate(
      (s) => (globalThis as unknown as { paintBoth: (seed: number) => PaintedBoth }).paintBoth(s),
      seed,
    );
    expect(gl).not.toBeNull();
    expect(new Set(canvas).size).toBeGreaterThan(100);
    const apart = (a: readonly number[], b: readonly number[]) =>
      Math.max(...a.map((x, i) => Math.abs(x - b[i]!)));
    expect(apart(gl!, canvas)).toBeLessThanOrEqual(1);
    expect(apart(gl!, defined)).toBeLessThanOrEqual(1);
    expect(apart(canvas, defined)).toBeLessThanOrEqual(1);
  }
});
