import { EXPOSE_TEXT } from '@/words';
import { exposureSeconds } from '@/model';
import { Fold } from '@/ui/fold';
import { useDerived, useStand } from '../session';
import { BlurSeries } from './blur-series';
import { ComingHour } from './coming-hour';
import { Cue } from './cue';
import { Made } from './made';
import { NdTable } from './nd-table';
import { OpenBar } from './open-bar';
import { Sharpness } from './sharpness';
import { Standing } from './standing';
import { TimeColumnList } from './time-column-list';
import { TripodList } from './tripod-list';
import { WantedTimeSheet } from './wanted-time-sheet';
import { WhiteBalance } from './white-balance';

/** Step 5: the time with everything on, the glass for another one, and the shutter opened for it. */
export function ExposeStep() {
  const stand = useStand();
  const derived = useDerived();
  const seconds = exposureSeconds(stand, derived);
  if (seconds === null)
    return (
      <div className="flex flex-col gap-4">
        <p className="text-quiet">{EXPOSE_TEXT.nothingReadYetTime}</p>
        <TripodList />
        <ComingHour />
      </div>
    );
  return (
    <div className="flex min-h-full flex-col gap-4">
      <TimeColumnList />
      <TripodList />
      <WantedTimeSheet />
      <ComingHour />
      <div className="border-t border-rule">
        <Fold summary="Every ND of the pouch">
          <NdTable />
        </Fold>
        <Fold summary={EXPOSE_TEXT.sameFrameLadderTimes}>
          <BlurSeries />
        </Fold>
        <Fold summary={EXPOSE_TEXT.withoutNdFigureFrame}>
          <Standing seconds={seconds} />
        </Fold>
        <Fold summary={EXPOSE_TEXT.cueCountWave}>
          <Cue />
        </Fold>
        <Fold summary="Sharp from where to where">
          <Sharpness />
        </Fold>
        <Made />
        <Fold summary="White balance through the glass">
          <WhiteBalance />
        </Fold>
      </div>
      <OpenBar />
    </div>
  );
}
