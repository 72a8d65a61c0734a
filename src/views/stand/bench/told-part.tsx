import { STAND_BENCH_TEXT } from '@/words';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { seenThrough, solutionKey, type Solution, type Take } from '@/model';
import { benchAgain, gradeOf, lostIn, type Told, toldOf, type TrueShot, withTold } from '@/model/bench';
import { Button } from '@/ui/button';
import { costText, EXERCISE_WORDS, expertSlip, gradeSentence, toldRows, toldSentences } from '@/words/bench';
import { standKey } from '../../shared/stand-path';
import { useWorkspace } from '../../shared/workspace-context';
import { Divided } from '../pictured/divided';
import { useOpenStand, useStand, useStandBag } from '../session';
import { TruePicture } from './true-picture';

interface ToldPartProps {
  readonly take: Take;
  readonly shot: TrueShot;
}

/** What an experienced hand would have done in the place of a shot, and what each choice cost; the first that is told is kept. */
export function ToldPart({ take, shot }: ToldPartProps) {
  const stand = useStand();
  const bag = useStandBag();
  const { kept } = useOpenStand();
  const solution = useTrueSolution(shot);
  const told = useMemo(
    () => (solution && solution !== 'failed' ? toldOf(stand, bag, { taken: take, shot, solution }) : null),
    [stand, bag, take, shot, solution],
  );
  const exercise = stand.bench?.exercise;
  const grade = told && gradeOf(told, exercise);
  const isKept = !!stand.bench?.told;
  useEffect(() => {
    if (!told || !grade || isKept) return;
    kept.record((d) => ({ ...d, stand: withTold(d.stand, take.id, told.costs, grade) }));
  }, [told, grade, isKept, kept, take.id]);
  if (solution === 'failed')
    return (
      <p role="alert" className="text-fault">
        {STAND_BENCH_TEXT.couldNotWorkedOut}
      </p>
    );
  if (!told || !grade) return <p role="status">{STAND_BENCH_TEXT.workingOutExperiencedHand}</p>;
  return (
    <section aria-label="How it went" className="space-y-3 border-2 border-edge p-3">
      <h4 className="text-lg font-semibold">{gradeSentence(grade, told)}</h4>
      <Divided
        what="your picture and theirs"
        first={{
          name: 'yours',
          picture: (side) => <TruePicture truth={shot.truth} through={shot.through} side={side} />,
        }}
        second={{
          name: 'an experienced hand’s',
          picture: (side) => <ExpertPicture told={told} shot={shot} side={side} />,
        }}
      />
      <Costs told={told} take={shot.take} />
      <ul className="list-disc space-y-1 pl-5">
        {toldSentences(told, lostIn(shot, bag), stand, bag).map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
      <p>
        <span className="text-quiet">An experienced hand: </span>
        {expertSlip(told, bag)}.
      </p>
      {exercise && <p className="border-l-4 border-action pl-3">{EXERCISE_WORDS[exercise].mistake}</p>}
      <Onwards />
    </section>
  );
}

/** The search's answer in the light that really was; 'failed' where there is none. */
function useTrueSolution({ truth }: TrueShot): Solution | 'failed' | null {
  const { clients } = useWorkspace();
  const bag = useStandBag();
  const [found, setFound] = useState<{ readonly key: string; readonly solution: Solution | 'failed' } | null>(
    null,
  );
  const key = solutionKey(truth.stand, bag);
  useEffect(() => {
    const solver = clients.solve();
    void solver.request({ stand: truth.stand, bag }).then((result) => {
      if (result.type === 'done') setFound({ key, solution: result.output });
      else if (result.type === 'failed') setFound({ key, solution: 'failed' });
    });
    return () => solver.dispose();
    // the key says all that the search depends on
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, clients]);
  return found?.key === key ? found.solution : null;
}

function ExpertPicture({ told, shot, side }: { told: Told; shot: TrueShot; side: number }) {
  const through = useMemo(
    () => (told.expert.inUse ? seenThrough(told.expert.inUse) : shot.through),
    [told, shot],
  );
  return <TruePicture truth={shot.truth} through={through} side={side} />;
}

function Costs({ told, take }: { told: Told; take: Take }) {
  const bag = useStandBag();
  return (
    <table className="w-full text-sm">
      <thead className="text-left text-quiet">
        <tr className="border-b border-rule">
          <th className="py-1 pr-2 font-normal">Choice</th>
          <th className="py-1 pr-2 font-normal">yours</th>
          <th className="py-1 pr-2 font-normal">experienced</th>
          <th className="py-1 text-right font-normal">cost</th>
        </tr>
      </thead>
      <tbody>
        {toldRows(told, take, bag).map(({ of, own, expert, stops }) => (
          <tr key={of} className="border-b border-rule align-baseline">
            <th className="py-1.5 pr-2 text-left font-semibold">{of}</th>
            <td className="py-1.5 pr-2">{own}</td>
            <td className="py-1.5 pr-2">{expert}</td>
            <td className="py-1.5 text-right whitespace-nowrap">{costText(stops)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The same scene again with nothing read, or back to the bench. */
function Onwards() {
  const { workspace, base } = useWorkspace();
  const navigate = useNavigate();
  const stand = useStand();
  const again = () => {
    const made = { id: workspace.newId('st'), createdAt: new Date().toISOString() };
    const bag = workspace.open(stand.id)?.state.getState().value.bag ?? null;
    void navigate(`${base}/stands/${standKey(workspace.beginStand(benchAgain(stand, made), bag))}`);
  };
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Button onClick={again}>The same scene again</Button>
      <Link to={base} className="inline-flex min-h-11 items-center px-2 font-semibold text-action underline">
        To the bench
      </Link>
    </div>
  );
}
