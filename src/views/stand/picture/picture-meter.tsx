import { type PointerEvent, useRef, useState } from 'react';
import { type FramePoint, KNOWN, type Role, type Spot } from '@/core/field';
import { type MeterCircle } from '@/core/optics';
import { MarginNote } from '@/render';
import { stopsFigure } from '@/words';
import { usePictureSpot } from '../read/use-picture-spot';
import { type DrawnSize } from './frame-path';
import { useStand } from '../stand-context';

/** A finger hides what lies under it: it aims so far above itself, px. */
const ABOVE_FINGER = 56;

/** The meter on the picture: what it shows under the pointer, as it moves; a click, or lifting the finger, takes it. */
export function PictureMeter({ width, height }: DrawnSize) {
  const { draft } = useStand();
  const meter = usePictureSpot();
  const [aimed, setAimed] = useState<FramePoint | null>(null);
  /** Fingers on the frame: two of them look closer, and read nothing. */
  const fingers = useRef({ now: 0, most: 0 });
  if (!meter) return null;
  const at = (event: PointerEvent<SVGElement>): FramePoint => {
    const { left, top } = event.currentTarget.getBoundingClientRect();
    const y = event.clientY - top - (event.pointerType === 'touch' ? ABOVE_FINGER : 0);
    return { u: (event.clientX - left) / width, v: Math.max(0, y / height) };
  };
  const lift = () => {
    const now = Math.max(0, fingers.current.now - 1);
    fingers.current = { now, most: now ? fingers.current.most : 0 };
  };
  const place = aimed ?? draft.place;
  return (
    <g data-testid="picture-meter">
      <rect
        width={width}
        height={height}
        fill="transparent"
        onPointerMove={(e) => setAimed(at(e))}
        onPointerDown={(e) => {
          const now = fingers.current.now + 1;
          fingers.current = { now, most: Math.max(now, fingers.current.most) };
          setAimed(at(e));
        }}
        onPointerLeave={() => setAimed(null)}
        onPointerCancel={lift}
        onPointerUp={(e) => {
          if (e.button === 0 && fingers.current.most === 1) meter.take(at(e));
          if (e.pointerType === 'touch') setAimed(null);
          lift();
        }}
      />
      {place && (
        <Aim
          role={meter.roleOf(place)}
          circle={meter.circleAt(place)}
          spot={meter.spotAt(place)}
          width={width}
          height={height}
        />
      )}
    </g>
  );
}

interface AimProps extends DrawnSize {
  role: Role;
  circle: MeterCircle;
  spot: Spot | null;
}

/** The meter's circle, true to size, and its figure beside it. */
function Aim({ role, circle, spot, width, height }: AimProps) {
  const isLeft = circle.u > 0.8;
  const sign = spot?.known === KNOWN.atLeast ? '≥ ' : spot?.known === KNOWN.atMost ? '≤ ' : '';
  return (
    <g
      transform={`translate(${circle.u * width} ${circle.v * height})`}
      pointerEvents="none"
      aria-live="polite"
    >
      <CircleOutline circle={circle} height={height} />
      <path d="M-5 0H5M0 -5V5" stroke="var(--note-casing)" strokeWidth={3} />
      <path d="M-5 0H5M0 -5V5" stroke="var(--note)" strokeWidth={1.25} />
      {spot && (
        <MarginNote
          x={(isLeft ? -1 : 1) * (circle.radial * height + 8)}
          y={-10}
          anchor={isLeft ? 'end' : 'start'}
          figure
        >
          {`${role} ${sign}EV ${stopsFigure(spot.ev100)}`}
        </MarginNote>
      )}
    </g>
  );
}

/** A meter's circle about the origin. */
export function CircleOutline({ circle, height }: { circle: MeterCircle; height: number }) {
  const shape = {
    rx: circle.radial * height,
    ry: circle.tangential * height,
    transform: `rotate(${(circle.awayRad * 180) / Math.PI})`,
    fill: 'none',
  };
  return (
    <>
      <ellipse {...shape} stroke="var(--note-casing)" strokeWidth={3.5} />
      <ellipse {...shape} stroke="var(--note)" strokeWidth={1.5} />
    </>
  );
}
