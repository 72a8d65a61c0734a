import { type Balance, type Candidate, type Spot } from '@/core/balance';
import { sampleBag, solveStand } from '@/model';
import { testStand } from '@/testing/fixtures';
import { judgementText, verdictText } from './verdict';

const names = { sky: 'sky', land: 'land' };
const { result } = solveStand(testStand(), sampleBag());
if (!result?.ok) throw new Error(result?.reason);
const balance: Balance = result.balance;
const sheet = balance.best.find((c) => c.set.length)!;
const spot = (stops: number, name?: string): Spot => ({
  stops,
  u: 0.5,
  v: 0.3,
  region: name ? 'feature' : 'land',
  shape: name ? { id: 's', name, region: 'feature', points: [] } : undefined,
  nearSkyline: !name,
});
const like = (change: Partial<Candidate>): Candidate => ({
  ...sheet,
  spillWorst: null,
  line: null,
  leakStops: 0,
  levelStops: 0,
  ...change,
});
const said = (change: Partial<Candidate>) => verdictText(like(change), balance, names);

describe('a verdict', () => {
  it.each([
    [0.14, 'a clean line'],
    [0.15, 'shows little: a faint line across the west cone'],
    [0.35, 'shows: a line across the west cone'],
    [0.7, 'shows badly: a line across the west cone'],
  ])('of %d uneven says so in words', (unevenStops, text) => {
    expect(said({ unevenStops, line: spot(0.6, 'west cone') })).toBe(text);
  });

  it('names what shows the most, and where', () => {
    const unevenStops = 0.5;
    expect(said({ unevenStops, spillWorst: spot(1.4, 'west cone'), line: spot(0.6, 'fir') })).toBe(
      'shows: a dark top on the west cone',
    );
    expect(said({ unevenStops, spillWorst: spot(1.4) })).toBe(
      'shows: a dark strip along the land by the skyline',
    );
    expect(said({ unevenStops, leakStops: 0.4 })).toBe('shows: a bright band of the sky along the land');
  });

  it('does not call a level sky that is too bright a band', () => {
    expect(said({ unevenStops: 0.5, leakStops: 0.8, levelStops: -0.8 })).toBe('shows');
  });

  it('is none where there is no sheet, and leads the reasons with its figure where there is one', () => {
    expect(said({ set: [] })).toBeNull();
    const lines = judgementText(sheet, balance, { seam: null, clips: [] }, names);
    expect(lines[0]).toMatch(new RegExp(`\\(${sheet.unevenStops.toFixed(2)} uneven\\)\\.$`));
  });
});
