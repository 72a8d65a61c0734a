import { SETTINGS_TEXT } from '@/words';
import { prefer } from '@/store';
import { usePreferences } from '../shared/workspace-context';
import { Wish } from './wish';

/** How one likes one's skies, and how a seat is told first. */
export function UsualPart() {
  const seatBy = usePreferences((p) => p.seatBy);
  const strengthsAs = usePreferences((p) => p.strengthsAs);
  const usualLook = usePreferences((p) => p.usualLook);
  return (
    <section aria-labelledby="usual" className="space-y-3">
      <h2 id="usual" className="text-lg font-semibold">
        What is usual
      </h2>
      <Wish
        label="Usual look"
        value={usualLook ?? 'natural'}
        options={[
          { value: 'even', text: 'Even: all of it' },
          { value: 'natural', text: 'Natural: a little brighter' },
        ]}
        onValue={(usualLook) => prefer({ usualLook })}
      >
        {SETTINGS_TEXT.lookNewStandWhole}
      </Wish>
      <Wish
        label="The seat is told by"
        value={seatBy}
        options={[
          { value: 'line', text: 'The line' },
          { value: 'mm', text: 'Millimetres' },
        ]}
        onValue={(seatBy) => prefer({ seatBy })}
      >
        {SETTINGS_TEXT.seatToldFirstLine}
      </Wish>
      <Wish
        label="Strengths"
        value={strengthsAs}
        options={[
          { value: 'printed', text: 'As printed' },
          { value: 'density', text: 'Density 0.9' },
          { value: 'factor', text: 'Factor ND8' },
          { value: 'stops', text: '3 stops' },
        ]}
        onValue={(strengthsAs) => prefer({ strengthsAs })}
      >
        {SETTINGS_TEXT.strengthsStandCalledThey}
      </Wish>
    </section>
  );
}
