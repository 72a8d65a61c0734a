import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fieldFigure, seamFigure } from './seam-figure';

describe('the pictures of docs/physics.md', () => {
  it.each([
    ['seam-by-lens.svg', seamFigure],
    ['ideal-and-sheet.svg', fieldFigure],
  ])('%s is what the core makes of it today', (file, make) => {
    expect(readFileSync(path.join(__dirname, '../docs', file), 'utf8')).toBe(make());
  });

  it('show a crisp line at 16 mm f/11, and a slope over most of the picture at 200 mm f/2.8', () => {
    const spreads = Object.fromEntries(
      [...seamFigure().matchAll(/>(\d+ mm, f\/[\d.]+): spread (\d+) %/g)].map((m) => [m[1], Number(m[2])]),
    );
    expect(spreads['16 mm, f/11']).toBeLessThan(15);
    expect(spreads['16 mm, f/2.8']).toBeGreaterThan(spreads['16 mm, f/11']!);
    expect(spreads['200 mm, f/2.8']).toBeGreaterThan(90);
  });
});
