import { parseArgs } from 'node:util';
import { withNegatives } from './options';

describe('the options of a call (fault 87)', () => {
  it.each([
    [['--drift', '-0.25'], '-0.25'],
    [['--drift', '-.25'], '-.25'],
    [['--drift=-0.25'], '-0.25'],
    [['--drift', '0.25'], '0.25'],
  ])('%j may be negative', (args, drift) => {
    const { values } = parseArgs({ args: withNegatives(args), options: { drift: { type: 'string' } } });
    expect(values.drift).toBe(drift);
  });

  it('leave everything else as it was', () => {
    const args = ['file.json', '--json', '--want', '60', '-', '--longest', '240'];
    expect(withNegatives(args)).toEqual(args);
  });
});
