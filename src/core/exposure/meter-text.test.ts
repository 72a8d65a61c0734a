import fc from 'fast-check';
import { exactAperture, SHUTTER_MARKS } from '@/core/units';
import {
  apertureInTenths,
  ev100OfEv,
  evOfLuminance,
  incidentEv,
  luminanceOfEv,
  luxOfIncidentEv,
  meterFromTyping,
  type MeterScale,
  METER_SCALES,
} from '.';

const evOf = (text: string, bare: MeterScale = 'shutter') => {
  const read = meterFromTyping(text, bare);
  if (!read.ok || read.scale === 'shutter') throw new Error(`${text}: ${JSON.stringify(read)}`);
  return read.ev100;
};
const ev = fc.integer({ min: -80, max: 200 }).map((tenths) => tenths / 10);

describe('what a meter shows, as it is typed', () => {
  it('gives the same EV in every way of typing it, on whatever scale the meter is', () => {
    fc.assert(
      fc.property(ev, fc.constantFrom(...METER_SCALES), (value, bare) => {
        const ways = [
          `EV ${value}`,
          `${value} ev`,
          `ev${value}`,
          `${value}ev at iso 100`,
          ` EV ${value}, ISO 100 `,
        ];
        const minus = ways.map((w) => w.replace('-', '−').replace('.', ','));
        for (const way of [...ways, ...minus]) expect(evOf(way, bare)).toBeCloseTo(value, 9);
        expect(evOf(String(value), 'ev')).toBeCloseTo(value, 9);
      }),
    );
  });

  it('comes back from light in lux and in candelas', () => {
    fc.assert(
      fc.property(ev, (value) => {
        const [lux, luminance] = [luxOfIncidentEv(value), luminanceOfEv(value)].map((x) => x.toFixed(12));
        for (const way of [`${lux} lux`, `${lux}lx`]) expect(evOf(way)).toBeCloseTo(value, 6);
        for (const way of [`${luminance} cd/m2`, `${luminance} cd/m²`, `${luminance} nits`])
          expect(evOf(way)).toBeCloseTo(value, 6);
        expect(evOf(lux!, 'lux')).toBeCloseTo(value, 6);
        expect(evOf(luminance!, 'luminance')).toBeCloseTo(value, 6);
      }),
    );
    expect(evOf('2.5 klux')).toBeCloseTo(incidentEv(2500), 9);
    // EV 15 on a grey card: 4096 cd/m2 at K = 12.5
    expect(evOfLuminance(4096)).toBeCloseTo(15, 9);
  });

  it('takes an EV that is shown for another ISO to ISO 100', () => {
    expect(evOf('EV 14 at ISO 400')).toBeCloseTo(12, 9);
    expect(evOf('14 iso 400', 'ev')).toBeCloseTo(12, 9);
    expect(ev100OfEv(14, 100)).toBe(14);
  });

  it('reads shutter times on every scale that is not EV, and marks as marks', () => {
    for (const { name, exact } of SHUTTER_MARKS) {
      const text = name.includes('/') ? name.slice(2) : `${name}s`;
      expect(meterFromTyping(text, 'shutter')).toEqual({ ok: true, scale: 'shutter', seconds: exact });
    }
    expect(meterFromTyping('2s', 'lux')).toMatchObject({ scale: 'shutter', seconds: 2 });
  });

  it.each([
    ['', 'shutter', 'not-a-time'],
    ['nonsense', 'ev', 'not-a-number'],
    ['-4 lux', 'shutter', 'out-of-range'],
    ['0', 'lux', 'out-of-range'],
    ['EV 12 at ISO 0', 'shutter', 'out-of-range'],
  ] as const)('refuses “%s” on the scale %s as %s', (text, bare, reason) => {
    expect(meterFromTyping(text, bare)).toEqual({ ok: false, reason });
  });

  it('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 30 }), fc.constantFrom(...METER_SCALES), (text, bare) => {
        const read = meterFromTyping(text, bare);
        if (read.ok && read.scale !== 'shutter') expect(Number.isFinite(read.ev100)).toBe(true);
      }),
      { numRuns: 500 },
    );
  });
});

describe('an f-number in tenths', () => {
  it.each(['8 and 4/10', '8 4/10', '8 4', '8+4', '8_4', '8 and 4 tenths'])(
    '%s is f/8 closed by 0.4 stop',
    (text) => {
      const read = apertureInTenths(text);
      expect(read).toMatchObject({ mark: 8, tenths: 4 });
      // a stop is two in the square of the f-number
      expect(2 * Math.log2(read!.exact / exactAperture(8))).toBeCloseTo(0.4, 9);
    },
  );

  it.each(['8', '8.4', 'f/8', '8 and 12/10', 'eight and 4'])('%s is none', (text) => {
    expect(apertureInTenths(text)).toBeNull();
  });
});
