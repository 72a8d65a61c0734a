import { type Sheet } from '@/core/glass';
import {
  beamDiameterMm,
  dimmingOfPoint,
  estimatedPupilToFilterMm,
  type Lens,
  seamAtEdges,
  seamSpread,
  transitionOf,
} from '@/core/optics';
import { exactAperture } from '@/core/units';

const FRAME = { widthMm: 36, heightMm: 24 };
const HARD: Sheet = { profile: { kind: 'graduated', stops: 2, transitionMm: 8 } };
const SOFT: Sheet = { profile: { kind: 'graduated', stops: 2, transitionMm: 45 } };

const lensAt = (focalLengthMm: number, aperture: number): Lens => ({
  focalLengthMm,
  aperture: exactAperture(aperture),
  pupilToFilterMm: estimatedPupilToFilterMm(focalLengthMm),
  pupilEstimated: true,
});

/** Light that is left of an even grey, encoded as sRGB would be, 0 to 255. */
function greyLevel(stops: number): number {
  const light = 0.6 * 2 ** -stops;
  return Math.round(255 * (1.055 * light ** (1 / 2.4) - 0.055));
}

const STYLE = `<style>
text { font: 13px sans-serif; fill: #1d2b2b }
.title { font-weight: 700 }
.rule { stroke: #1d2b2b; fill: none }
.seam { stroke: #e9dca8; stroke-width: 2.5; fill: none }
</style>`;

const svg = (width: number, height: number, label: string, body: readonly string[]): string =>
  [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}" role="img" aria-label="${label}">`,
    STYLE,
    `<rect width="${width}" height="${height}" fill="#f5f5ef"/>`,
    ...body,
    '</svg>\n',
  ].join('\n');

const fixed = (value: number): string => String(Number(value.toFixed(2)));

/** The same sheets, seated on the axis, at three focal lengths and two apertures: the picture, and the dimming down it. */
export function seamFigure(): string {
  const [width, height, gap] = [180, 120, 36];
  const cells = [16, 50, 200].flatMap((focal, column) =>
    [2.8, 11].flatMap((aperture, row) => {
      const x = 20 + column * (width + 84);
      const y = 44 + row * (height + gap);
      return seamCell(lensAt(focal, aperture), { x, y, width, height, title: `${focal} mm, f/${aperture}` });
    }),
  );
  const label =
    'A 2-stop hard and a 2-stop soft sheet on the axis at 16, 50 and 200 mm, f/2.8 and f/11: the hard one goes from a crisp line to a slope over the whole picture';
  return svg(812, 368, label, [
    '<text x="20" y="22" class="title">2 stops hard (8 mm) on the lens axis over an even grey; its dimming, 0 to 2 stops, and that of 2 stops soft (dashed)</text>',
    ...cells,
  ]);
}

interface Cell {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly title: string;
}

function seamCell(lens: Lens, { x, y, width, height, title }: Cell): string[] {
  const seat = { offsetMm: 0, turnDeg: 0 };
  const dimming = (sheet: Sheet, v: number) =>
    dimmingOfPoint({ lens, sheets: [sheet], seat }, { x: 0, h: (0.5 - v) * FRAME.heightMm });
  const bands = Array.from({ length: height }, (_, i) => {
    const grey = greyLevel(dimming(HARD, (i + 0.5) / height));
    return `<rect x="${x}" y="${y + i}" width="${width}" height="1.5" fill="rgb(${grey},${grey},${grey})"/>`;
  });
  const curve = (sheet: Sheet) =>
    Array.from({ length: 41 }, (_, i) => {
      const v = i / 40;
      return `${i ? 'L' : 'M'}${fixed(x + width + 8 + 22 * dimming(sheet, v))} ${fixed(y + v * height)}`;
    }).join('');
  const transition = transitionOf([HARD], beamDiameterMm(lens));
  const at = seamAtEdges(seat, transition.halfMm, lens, FRAME);
  const seam = 'left' in at ? y + at.left * height : y;
  const spread = Math.round(seamSpread(transition, lens, FRAME) * 100);
  return [
    ...bands,
    ...(seam > y && seam < y + height ? [`<path class="seam" d="M${x} ${fixed(seam)}h${width}"/>`] : []),
    `<path class="rule" stroke-width="0.8" d="M${x + width + 8} ${y}v${height}M${x + width + 52} ${y}v${height}"/>`,
    `<path class="rule" stroke-width="1.6" d="${curve(HARD)}"/>`,
    `<path class="rule" stroke-width="1.2" stroke-dasharray="4 3" d="${curve(SOFT)}"/>`,
    `<text x="${x}" y="${y + height + 16}">${title}: spread ${spread} %</text>`,
  ];
}

const SKYLINE = [
  { u: 0, v: 0.56 },
  { u: 0.22, v: 0.5 },
  { u: 0.36, v: 0.2 },
  { u: 0.5, v: 0.5 },
  { u: 0.72, v: 0.46 },
  { u: 1, v: 0.58 },
];

/** An ideal filter cut along a skyline beside what a hard and a soft sheet do in its place. */
export function fieldFigure(): string {
  const lens = lensAt(24, 11);
  const through = (sheet: Sheet, offsetMm: number) => (v: number) =>
    dimmingOfPoint(
      { lens, sheets: [sheet], seat: { offsetMm, turnDeg: 0 } },
      { x: 0, h: (0.5 - v) * FRAME.heightMm },
    );
  const label =
    'Dimming over a frame with a peak: an ideal filter, a hard sheet that darkens the peak, and a soft one that fades over it';
  return svg(800, 208, label, [
    ...peakFrame(20, 'ideal, cut along the skyline', null),
    ...peakFrame(276, '2 stops hard', through(HARD, 1)),
    ...peakFrame(532, '2 stops soft', through(SOFT, 3)),
  ]);
}

/** @param dimming stops at a height of the frame; null for the ideal filter */
function peakFrame(x: number, title: string, dimming: ((v: number) => number) | null): string[] {
  const [y, width, height] = [20, 240, 160];
  const line = SKYLINE.map(({ u, v }) => `${fixed(x + u * width)},${fixed(y + v * height)}`).join(' ');
  const fill = (stops: number) => `fill="rgb(${Array(3).fill(greyLevel(stops)).join()})"`;
  const glass = dimming
    ? Array.from({ length: height }, (_, i) => {
        const stops = dimming((i + 0.5) / height);
        return `<rect x="${x}" y="${y + i}" width="${width}" height="1.3" ${fill(stops)}/>`;
      })
    : [
        `<rect x="${x}" y="${y}" width="${width}" height="${height}" ${fill(0)}/>`,
        `<polygon points="${x},${y} ${line} ${x + width},${y}" ${fill(2)}/>`,
      ];
  return [
    ...glass,
    `<polyline class="rule" stroke-width="1.2" points="${line}"/>`,
    `<text x="${x}" y="${y + height + 18}">${title}</text>`,
  ];
}
