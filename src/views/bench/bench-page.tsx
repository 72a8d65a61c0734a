import { BENCH_TEXT } from '@/words';
import { useMemo } from 'react';
import { doneCount, EXERCISE_TABLE, EXERCISES, type ExerciseState, progressOf } from '@/model/bench';
import { Button } from '@/ui/button';
import { EXERCISE_WORDS, GRADE_NAMES, progressText } from '@/words/bench';
import { Link } from 'react-router';
import { standKey } from '../shared/stand-path';
import { useWorkspace, useWorkspaceState } from '../shared/workspace-context';
import { GradeMark } from './grade-mark';
import { OwnScene } from './own-scene';
import { Tries } from './tries';
import { type Beginning, type Practice, useBegin } from './use-begin';

/** The bench: exercises and scenes of one's own, to practise on at home. */
export function BenchPage() {
  const stands = useWorkspaceState((s) => s.stands);
  const states = useMemo(() => progressOf(stands.map((s) => s.document.stand)), [stands]);
  const { state, begin, cancel } = useBegin();
  const isMaking = state.phase === 'making';
  const next = states.find((s) => s.best !== 'as-good');
  return (
    <div className="relative h-full overflow-y-auto">
      <title>Bench · Pale Seam</title>
      <div className="mx-auto max-w-4xl space-y-8 px-4 py-5 desk:px-8 desk:py-6">
        <header className="space-y-2">
          <div className="flex flex-wrap items-baseline gap-x-4">
            <h1 className="mr-auto text-2xl font-semibold">Bench</h1>
            <p className="text-quiet">{progressText(doneCount(states), EXERCISES.length)}</p>
          </div>
          <p className="max-w-2xl">{BENCH_TEXT.simulatedScenesMeterChoose}</p>
        </header>
        <Making state={state} onCancel={cancel} />
        <section aria-label="Exercises">
          <h2 className="mb-1 text-lg font-semibold">Ten exercises</h2>
          <ol className="border-t border-rule">
            {states.map((exercise, i) => (
              <ExerciseRow
                key={exercise.id}
                number={i + 1}
                state={exercise}
                isBusy={isMaking}
                isNext={exercise === next}
                onBegin={begin}
              />
            ))}
          </ol>
        </section>
        <OwnScene isBusy={isMaking} onBegin={begin} />
        <Tries />
      </div>
    </div>
  );
}

/** A scene on its way: it takes a moment, and a phone longer. */
function Making({ state, onCancel }: { state: Beginning; onCancel: () => void }) {
  if (state.phase === 'idle') return null;
  if (state.phase === 'failed')
    return (
      <p role="alert" className="border-l-4 border-fault pl-3">
        {BENCH_TEXT.sceneCouldNotMade(state.name)}
      </p>
    );
  return (
    <div
      role="status"
      className="sticky top-2 z-10 flex flex-wrap items-center gap-3 border border-edge bg-chosen p-3"
    >
      <span className="mr-auto">Making the light of “{state.name}”…</span>
      <progress
        className="h-1.5 w-40 accent-(--action)"
        aria-label="How far the scene is"
        {...(state.progress === null ? {} : { value: state.progress })}
      />
      <Button onClick={onCancel}>Leave it</Button>
    </div>
  );
}

interface ExerciseRowProps {
  number: number;
  state: ExerciseState;
  isBusy: boolean;
  /** The first that is not done yet. */
  isNext: boolean;
  onBegin: (practice: Practice) => void;
}

function ExerciseRow({ number, state, isBusy, isNext, onBegin }: ExerciseRowProps) {
  const { base } = useWorkspace();
  const { id, best, tries, open } = state;
  const { title, brief } = EXERCISE_WORDS[id];
  const { order, focalLengthMm } = EXERCISE_TABLE[id];
  return (
    <li
      aria-label={title}
      className="grid grid-cols-[1.75rem_minmax(0,1fr)] items-center gap-x-2 gap-y-1.5 border-b border-rule py-3 desk:grid-cols-[1.75rem_minmax(0,1fr)_11rem_7.5rem] desk:gap-x-4"
    >
      <span className="self-start pt-0.5 text-right font-mono text-quiet">{number}</span>
      <div>
        <h3 className="text-lg font-semibold">{title}</h3>
        <p className="text-quiet">{brief}</p>
      </div>
      <div className="col-start-2 flex items-center justify-between gap-3 desk:contents">
        <p className="flex items-center gap-2">
          <GradeMark grade={best} />
          <span>
            {best ? GRADE_NAMES[best] : 'not tried'}
            {tries > 1 && <span className="text-quiet">, {tries} tries</span>}
          </span>
        </p>
        <div className="flex gap-2 desk:justify-end">
          {open ? (
            <Link
              to={`${base}/stands/${standKey(open)}`}
              className="inline-flex min-h-11 items-center rounded-md border border-edge bg-panel px-4 font-semibold hover:bg-chosen"
            >
              Go on
            </Link>
          ) : (
            <Button
              kind={isNext ? 'action' : 'plain'}
              disabled={isBusy}
              aria-label={`${best ? 'Again' : 'Begin'}: ${title}`}
              onClick={() => onBegin({ order, focalLengthMm, name: title, exercise: id })}
            >
              {best ? 'Again' : 'Begin'}
            </Button>
          )}
        </div>
      </div>
    </li>
  );
}
