import { render, screen } from '@testing-library/react';
import { lightField, mapRegions, gridFor } from '@/core/field';
import { sampleBag, type SheetFilter } from '@/model';
import { prepared, testStand } from '@/testing/fixtures';
import fc from 'fast-check';
import { drawnMarks, keptApart, Ladder, type LadderData, ladderDomain, ladderScale } from './ladder';
import {
  frameLayers,
  GlassSwatch,
  Holder,
  holderSize,
  MarginNote,
  noteWidth,
  outside,
  SeamLine,
  SheetScale,
} from '.';

const sheet = sampleBag().filters[1] as SheetFilter;

describe('a note on the picture', () => {
  it('stands whole on a quiet plate, its letters without an outline (fault 51)', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('start' as const, 'middle' as const, 'end' as const),
        fc.string({ minLength: 1, maxLength: 40 }),
        (anchor, words) => {
          const { container, unmount } = render(
            <svg>
              <MarginNote x={100} y={60} anchor={anchor}>
                {words}
              </MarginNote>
            </svg>,
          );
          const plate = container.querySelector('rect')!;
          const text = container.querySelector('text')!;
          const at = (e: Element, name: string) => Number(e.getAttribute(name));
          expect(at(text, 'x')).toBeCloseTo(at(plate, 'x') + at(plate, 'width') / 2, 6);
          expect(at(plate, 'width')).toBeGreaterThanOrEqual(noteWidth(words));
          expect(at(text, 'y')).toBeLessThan(at(plate, 'y') + at(plate, 'height'));
          expect(text).not.toHaveAttribute('stroke');
          expect(Number(plate.getAttribute('fill-opacity'))).toBeGreaterThan(0.8);
          unmount();
        },
      ),
      { numRuns: 20 },
    );
  });
});

describe('the ladder', () => {
  const data: LadderData = {
    marks: [
      {
        key: 'sky',
        role: 'sky',
        limit: false,
        isOpen: false,
        spots: [
          { id: 'r1', bare: 13, through: 11 },
          { id: 'r2', bare: 14, through: 12 },
        ],
      },
      {
        key: 'land',
        role: 'land',
        limit: false,
        isOpen: false,
        spots: [{ id: 'r3', bare: 10, through: 10 }],
      },
    ],
    exposures: [
      { evMidGrey: 10, window: { highlightRoom: 3, shadowRoom: 6, printRoom: 4 }, shutter: '1/8 s' },
    ],
    span: { from: 10, to: 13.5, text: 'span 3.5 stops' },
    keep: { from: 10, to: 11, text: 'keep 1.0' },
    need: { from: 11, to: 13.5, text: 'take 2.5' },
    left: { from: 10, to: 11.5, text: 'leaves 1.5' },
    tones: { fromEv: 9, stepEv: 0.5, parts: [0.25, 0, 0.75] },
    out: { bright: 'r2 0.4 too bright', dark: '' },
    noise: { dark: 'noise 1/10', print: 'prints well, noise 1/20', printShort: 'print 1/20' },
    caption: 'through the glass',
  };
  const drawn = (change: Partial<LadderData> = {}) => {
    const shown = { ...data, ...change };
    const x = ladderScale(ladderDomain(shown), 700);
    return { x, ...render(<Ladder data={shown} x={x} width={700} />) };
  };

  it('puts span, what is kept, taken and left, the lights and the time into words for those who cannot see it', () => {
    drawn();
    expect(screen.getByRole('group')).toHaveAccessibleName(
      'Ladder of light; sky EV 13.5, through the glass 11.5; land EV 10.0, through the glass 10.0; span 3.5 stops; keep 1.0; take 2.5; leaves 1.5; mid-grey at 1/8 s; r2 0.4 too bright',
    );
    for (const text of ['1/8 s', 'r2 0.4 too bright', 'noise 1/10', 'prints well, noise 1/20'])
      expect(screen.getByText(text)).toBeInTheDocument();
  });

  it('draws a role that is opened as its single readings, and a picture’s light where there is any', () => {
    const { x, container } = drawn({ marks: data.marks.map((m) => ({ ...m, isOpen: true })) });
    expect(drawnMarks(data.marks, x)).toHaveLength(2);
    expect(screen.getByText('r1')).toBeInTheDocument();
    expect(screen.getByText('r2')).toBeInTheDocument();
    // of three steps of light one has none
    expect(container.querySelectorAll('rect[height="18"][opacity]')).toHaveLength(2);
  });

  it('says keep and take together where there is no room behind the line', () => {
    const narrow = { ...data, exposures: [], marks: data.marks.slice(0, 1) };
    render(<Ladder data={narrow} x={ladderScale([5, 14], 240)} width={240} />);
    expect(screen.getByText('keep 1.0, take 2.5')).toBeInTheDocument();
    expect(screen.queryByText('take 2.5')).toBeNull();
  });

  it('keeps the window, every light and the end of what is kept on its scale', () => {
    const [low, high] = ladderDomain({ ...data, keep: { from: 10, to: 2, text: '' } });
    expect(low).toBeLessThan(2);
    expect(high).toBeGreaterThan(14);
  });
});

describe('marks kept apart', () => {
  it('keep their order and their gap, move as little as that asks for, and stay where there is room', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 300, noNaN: true }), { maxLength: 12 }),
        fc.double({ min: 1, max: 30, noNaN: true }),
        (wanted, gap) => {
          const places = keptApart(wanted, gap);
          const sorted = places.map((at, i) => ({ at, from: wanted[i]! })).sort((a, b) => a.at - b.at);
          sorted.slice(1).forEach((s, i) => {
            expect(s.at - sorted[i]!.at).toBeGreaterThanOrEqual(gap - 1e-6);
            expect(s.from).toBeGreaterThanOrEqual(sorted[i]!.from);
          });
          const sum = (values: readonly number[]) => values.reduce((a, v) => a + v, 0);
          expect(sum(places)).toBeCloseTo(sum(wanted), 6);
          expect(keptApart(places, gap).map((p, i) => Math.abs(p - places[i]!) < 1e-6)).not.toContain(false);
        },
      ),
    );
  });
});

describe('the seam', () => {
  it('runs across the picture where it lies, and points where it is not', () => {
    const { container, rerender } = render(
      <svg>
        <SeamLine at={{ left: 0.25, right: 0.5 }} width={400} height={200} overrun={10} />
      </svg>,
    );
    expect(container.querySelector('path')?.getAttribute('d')).toBe('M0 50L400 100L410 100');
    rerender(
      <svg>
        <SeamLine at={{ left: -0.3, right: -0.2 }} width={400} height={200} />
      </svg>,
    );
    expect(screen.getByText('seam 0.20 of the height above the frame')).toBeInTheDocument();
    expect(outside({ left: 1.4, right: 1.1 })).toEqual({ side: 'below', parts: expect.closeTo(0.1, 9) });
    expect(outside({ left: -0.1, right: 0.4 })).toBeNull();
    expect(outside({ top: 3, bottom: 3 })).toBeNull();
  });
});

describe('the holder', () => {
  const props = {
    filters: [sheet],
    railMm: 50,
    lens: { focalLengthMm: 24, aperture: 8 as never, pupilToFilterMm: 48, pupilEstimated: false },
    frame: { widthMm: 36, heightMm: 24 },
    slots: 2,
    scale: 2,
  };

  it('dimensions what stands above the rail and outlines the glass that is used', () => {
    render(<Holder {...props} seat={{ offsetMm: 5, turnDeg: 0 }} />);
    expect(screen.getByRole('img')).toHaveAccessibleName(
      /2 slots, 1 sheet; your picture uses 75 by 51 mm of the glass/,
    );
    expect(screen.getByText('30')).toBeInTheDocument();
  });

  it('draws a pair as two sheets, each dimensioned where they stand apart', () => {
    const long = { ...sheet, id: 'long', sheetLengthMm: 170 };
    render(<Holder {...props} filters={[sheet, long]} seat={{ offsetMm: 5, turnDeg: 0 }} />);
    expect(screen.getAllByTestId('holder-sheet')).toHaveLength(2);
    expect(screen.getByText('30')).toBeInTheDocument();
    expect(screen.getByText('40')).toBeInTheDocument();
  });

  it('is drawn from the other end upside down, and without a dimension inside the rail', () => {
    render(<Holder {...props} seat={{ offsetMm: -30, turnDeg: 180 }} />);
    expect(screen.queryByText('-5')).toBeNull();
    expect(holderSize(2, true).axisY).toBeLessThan(holderSize(2, false).axisY);
  });
});

describe('the scale beside the frame', () => {
  it('shows at the seam what stands above the rail', () => {
    render(
      <SheetScale
        height={400}
        width={64}
        frame={{ widthMm: 36, heightMm: 24 }}
        lens={{ focalLengthMm: 24, aperture: 11.3 as never, pupilToFilterMm: 48, pupilEstimated: false }}
        seat={{ offsetMm: 4, turnDeg: 0 }}
        dimmingAt={(y) => (y > 0 ? 2 : 0)}
        halfDimmingMm={0.5}
        sticksOutMm={29}
        seamV={0.4}
        label="mm above rail"
      />,
    );
    expect(screen.getByRole('img')).toHaveAccessibleName(
      /^mm above rail: 29 at the seam, from 1 to 49 over the picture/,
    );
    expect(screen.getByText('29')).toBeInTheDocument();
  });
});

describe('small drawings', () => {
  it('of a sheet darken towards its dark end', () => {
    const { container } = render(<GlassSwatch filters={[sheet]} />);
    const opacities = [...container.querySelectorAll('stop')].map((s) =>
      Number(s.getAttribute('stop-opacity')),
    );
    expect(opacities[0]).toBeCloseTo(1 - Math.cbrt(0.25), 5);
    expect(opacities.at(-1)).toBe(0);
  });

  it('of the frame take assumed light where nothing is read, and say of which region', () => {
    const { field } = prepared(testStand()).input;
    expect([...frameLayers(field).assumed]).toEqual([]);
    const frame = { widthMm: 24, heightMm: 36 };
    const layers = frameLayers(
      lightField(mapRegions(gridFor(frame), testStand().skyline, []), [
        { id: 'a', role: 'land', ev100: 9, place: { u: 0.5, v: 0.8 } },
      ]),
    );
    expect([layers.columns, layers.rows, ...layers.assumed]).toEqual([100, 150, 'sky']);
    expect(layers.ev('sky')[0]).toBe(11);
    expect(layers.ev('sky')).toBe(layers.ev('sky'));
  });
});
