import { render, screen } from '@testing-library/react';
import { lightField, mapRegions, gridFor } from '@/core/field';
import { sampleBag, type SheetFilter } from '@/model';
import { prepared, testStand } from '@/testing/fixtures';
import { frameLayers, GlassSwatch, Holder, holderSize, Ladder, outside, SeamLine, SheetScale } from '.';

const sheet = sampleBag().filters[1] as SheetFilter;

describe('the ladder', () => {
  it('puts span, what is kept, the lights and the time into words for those who cannot see it', () => {
    render(
      <Ladder
        width={700}
        marks={[
          { role: 'sky', bare: [13, 14], through: [11, 12], limit: false },
          { role: 'land', bare: [10], through: [10], limit: false },
        ]}
        exposures={[
          { evMidGrey: 10, window: { highlightRoom: 3, shadowRoom: 6, printRoom: 4 }, shutter: '1/8 s' },
        ]}
        span={{ sky: 13.5, land: 10 }}
        kept={{ sky: 11.5, land: 10 }}
        spanText="span 3.5 stops"
        caption="through the glass"
        keptText="keeps 1.5"
      />,
    );
    expect(screen.getByRole('img')).toHaveAccessibleName(
      'Ladder of light; sky EV 13.5, through the glass 11.5; land EV 10.0, through the glass 10.0; span 3.5 stops; keeps 1.5; mid-grey at 1/8 s',
    );
    expect(screen.getByText('1/8 s')).toBeInTheDocument();
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
