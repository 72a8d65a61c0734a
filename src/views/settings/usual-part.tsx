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
        The look of a new stand: the whole difference taken, or the sky kept a little brighter.
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
        The seat is told first by the line in the picture, or by the millimetres above the rail; behind dense
        glass, through which nothing is seen, the millimetres lead.
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
        Strengths at a stand are called as they are printed on your glass, or all in one notation. The bag
        always shows all three.
      </Wish>
    </section>
  );
}
