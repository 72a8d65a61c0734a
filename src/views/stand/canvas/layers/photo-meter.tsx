import { KNOWN, type Role, type Spot } from '@/core/field';
import { type MeterCircle } from '@/core/optics';
import { MarginNote } from '@/render';
import { stopsFigure } from '@/words';
import { usePhotoSpot } from '../../read/photo-spot';
import { type DrawnSize } from '../parts/frame-path';
import { useSession } from '../../session';

/** The meter on the picture: what it shows where it is pointed. */
export function PhotoMeter({ width, height }: DrawnSize) {
  const meter = usePhotoSpot();
  const aim = useSession((s) => s.aim);
  const drafted = useSession((s) => s.draft.place);
  const place = aim ?? drafted;
  if (!meter) return null;
  return (
    <g data-testid="picture-meter">
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
