import { useMemo } from 'react';
import { type Brush, type Sight, sightRecord } from '@/model';
import { type Step, useDerived, useSession, useStand } from '../../session';
import { bareTool } from './bare-tool';
import { brushTool } from './brush-tool';
import { meterTool } from './meter-tool';
import { outlineTool } from './outline-tool';
import { placeTool } from './place-tool';
import { skylineTool } from './skyline-tool';
import { sightTool } from './sight-tool';
import { slideTool } from './slide-tool';
import { type MakeTool } from './tool';

export { useTool } from './use-tool';

interface Doing {
  readonly step: Step;
  /** A shape is being outlined. */
  readonly isOutlining: boolean;
  readonly brush: Brush | null;
  /** The picture is being measured. */
  readonly isMetering: boolean;
  /** What of a shot is being told. */
  readonly telling: Sight | null;
}

function toolFor({ step, isOutlining, brush, isMetering, telling }: Doing): MakeTool {
  switch (step) {
    case 'frame':
      return !isOutlining ? skylineTool : brush ? brushTool(brush) : outlineTool;
    case 'read':
      return isMetering ? meterTool : placeTool;
    case 'balance':
    case 'expose':
      return bareTool;
    case 'seat':
      return slideTool;
    case 'check':
      return telling && sightRecord(telling).placed ? sightTool(telling) : bareTool;
  }
}

/** The tool that is in hand: by the step that is open, and by what is being done in it. */
export function useToolInHand(): MakeTool {
  const step = useSession((s) => s.step);
  const isOutlining = useSession((s) => s.outline !== null);
  const brush = useSession((s) => s.brush);
  const isOnPhoto = useSession((s) => s.photoMeterDeg !== null);
  const isBench = useStand((s) => !!s.bench);
  const hasLight = useDerived((d) => !!d.prepared?.input.field.tie) || isBench;
  const telling = useSession((s) => s.telling);
  const isMetering = isOnPhoto && hasLight;
  return useMemo(
    () => toolFor({ step, isOutlining, brush, isMetering, telling }),
    [step, isOutlining, brush, isMetering, telling],
  );
}
