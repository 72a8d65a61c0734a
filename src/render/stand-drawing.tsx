import { type SeamAt } from '@/core/optics';
import { cropBox, frameOf, type Stand, strips } from '@/model';

export interface StandDrawingProps {
  stand: Stand;
  /** Where the seam lies through the glass in use; null without any. */
  seam: SeamAt | null;
  /** Address of an image of it as it would be recorded; null: it is drawn. */
  picture: string | null;
  /** The larger side, px. */
  size?: number;
}

/** A stand's frame in little: as it would be recorded, or the skyline and what is marked, what is cropped off, and the seam. */
export function StandDrawing({ stand, seam, picture, size = 84 }: StandDrawingProps) {
  const { widthMm, heightMm } = frameOf(stand.camera);
  const scale = size / Math.max(widthMm, heightMm);
  const [width, height] = [widthMm * scale, heightMm * scale];
  const at = placer(width, height);
  const end = seam && ends(seam, width, height);
  const box = cropBox(stand.crop, frameOf(stand.camera));
  return (
    <span className="relative block">
      {picture && (
        <span className="absolute top-px left-px isolate block" style={{ width, height }}>
          <img src={picture} alt="" className="size-full" />
          <span className="absolute inset-0 bg-(--photo-tint) mix-blend-multiply" />
        </span>
      )}
      <svg
        className="relative"
        width={width + 2}
        height={height + 2}
        viewBox={`-1 -1 ${width + 2} ${height + 2}`}
        aria-hidden
      >
        <svg width={width} height={height} viewBox={`0 0 ${width} ${height}`}>
          {!picture && <Ground stand={stand} width={width} height={height} />}
          {box &&
            strips(box).map(({ id, points }) => (
              <polygon key={id} points={points.map(at).join(' ')} fill="var(--ground)" opacity={0.8} />
            ))}
          {end && (
            <>
              <path d={end} stroke="var(--seam-ink)" strokeWidth={4} />
              <path d={end} stroke="var(--seam)" strokeWidth={2} />
            </>
          )}
        </svg>
        <rect width={width} height={height} fill="none" stroke="var(--edge)" />
      </svg>
    </span>
  );
}

/** Writes a place as an SVG point. */
const placer =
  (width: number, height: number) =>
  ({ u, v }: { u: number; v: number }): string =>
    `${(u * width).toFixed(1)},${(v * height).toFixed(1)}`;

/** The skyline and what is marked, where there is no picture. */
function Ground({ stand, width, height }: { stand: Stand; width: number; height: number }) {
  const at = placer(width, height);
  const line = [...stand.skyline].sort((a, b) => a.u - b.u);
  const [first, last] = [line[0], line.at(-1)];
  const land = [
    `0,${height}`,
    first && at({ u: 0, v: first.v }),
    ...line.map(at),
    last && at({ u: 1, v: last.v }),
    `${width},${height}`,
  ];
  return (
    <>
      <rect width={width} height={height} fill="var(--glass-clear)" />
      <polygon points={land.filter(Boolean).join(' ')} fill="var(--quiet)" opacity={0.6} />
      {(stand.shapes ?? []).map(({ id, region, points }) => (
        <polygon
          key={id}
          points={points.map(at).join(' ')}
          fill={region === 'feature' ? 'var(--quiet)' : 'none'}
          opacity={0.6}
        />
      ))}
    </>
  );
}

function ends(at: SeamAt, width: number, height: number): string {
  return 'left' in at
    ? `M0 ${at.left * height}L${width} ${at.right * height}`
    : `M${at.top * width} 0L${at.bottom * width} ${height}`;
}
