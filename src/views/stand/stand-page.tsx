import { useCallback, useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { useStore } from 'zustand';
import {
  type Bag,
  bagForStand,
  type Brush,
  type Derived,
  deriveStand,
  nextReading,
  prepareStand,
  solutionKey,
  type Stand,
  type StandDocument,
  type Study,
  withStand,
} from '@/model';
import { type Answers, type DocumentStore, keepAnswers } from '@/store';
import { type FramePoint } from '@/core/field';
import { type WorkingOf } from '@/words';
import { solveClient, studyClient } from '@/workers';
import { usePhoto } from './picture/use-photo';
import { usePictureIn } from './picture/use-picture-in';
import { WHOLE } from './picture/zoom';
import { useBag, useWorkspace } from '../shell/workspace-context';
import { idOfKey } from '../stand-path';
import { type PhoneView, type ReadingDraft, type Selection, StandContext, type Step } from './stand-context';
import { StandScreen } from './stand-screen';
import { useCarry } from './use-carry';

/** One stand: finds it, keeps its answer up to date and hands everything to the screen. */
export function StandPage() {
  const { id: key = '' } = useParams();
  const id = idOfKey(key);
  const { workspace, base } = useWorkspace();
  const document = useMemo(() => workspace.open(id), [workspace, id]);
  if (!document)
    return (
      <div className="max-w-xl space-y-4 p-8">
        <h1 className="text-xl font-semibold">There is no such stand here</h1>
        <p>It may have been deleted, or made in another browser.</p>
        <Link
          to={`${base}/stands`}
          className="inline-flex min-h-11 items-center font-semibold text-action underline"
        >
          All stands
        </Link>
      </div>
    );
  return <OpenStand key={id} document={document} />;
}

function OpenStand({ document }: { document: DocumentStore<StandDocument> }) {
  const { workspace } = useWorkspace();
  const workspaceBag = useBag();
  const value = useStore(document.state, (s) => s.value);
  const { stand, bag: brought, used } = value;
  const bag = useMemo(() => bagForStand({ bag: brought, used }, workspaceBag), [brought, used, workspaceBag]);
  const solver = useAnswers(() => keepAnswers(solveClient()));
  const { answer: solution, work: search, progress } = useStore(solver.state);
  const [step, openStep] = useState<Step>(stand.readings.length ? 'balance' : 'read');
  const [phoneView, setPhoneView] = useState<PhoneView>('frame');
  /** A step brings the drawing that it is about. */
  const setStep = useCallback((next: Step) => {
    openStep(next);
    setPhoneView(next === 'seat' ? 'holder' : 'frame');
  }, []);
  const [bare, setBare] = useState(false);
  const [selection, select] = useState<Selection>(null);
  const [draft, setDraft] = useState<ReadingDraft>({
    role: 'land',
    place: null,
    limit: false,
    again: null,
  });

  const [pictureMeterDeg, setPictureMeter] = useState<number | null>(null);
  const [outline, setOutline] = useState<readonly FramePoint[] | null>(null);
  const [zoom, setZoom] = useState(WHOLE);
  const [brush, setBrush] = useState<Brush | null>(null);
  const [bracketFrame, showBracketFrame] = useState(0);
  const [isMonochrome, setMonochrome] = useState(false);
  const [marksClips, setMarksClips] = useState(false);
  const [showsGrid, setShowsGrid] = useState(false);
  const [workingOf, showWorking] = useState<WorkingOf | null>(null);

  const { lit, minute, ...carried } = useCarry(stand, bag);
  useEffect(() => solver.ask(lit, bag), [solver, lit, bag]);
  // what is prepared does not depend on the choice, so that dragging the sheet does not prepare anew
  const { choice: _, name: __, notes: ___, ...light } = lit;
  const prepareKey = JSON.stringify(light);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for the stand
  const ready = useMemo(() => prepareStand(lit, bag), [prepareKey, bag]);
  const derived = useMemo(() => deriveStand(lit, bag, solution, ready), [lit, bag, solution, ready]);
  const study = useStudy(lit, bag, derived);
  const { prepared } = derived;
  const isReading = step === 'read';
  const next = useMemo(
    () => (isReading ? nextReading(stand, { prepared }, study, minute) : null),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key stands for the stand
    [isReading, prepareKey, prepared, study, minute],
  );
  const edit = useMemo(
    () => (change: (stand: Stand) => Stand) =>
      document.edit((current) => withStand(current, change(current.stand), workspaceBag)),
    [document, workspaceBag],
  );
  const photo = usePhoto(workspace, stand.picture);
  const pictureIn = usePictureIn(workspace, edit);

  const access = {
    document,
    stand,
    ...carried,
    bag,
    ownBag: value.bag !== null,
    ready,
    derived,
    search,
    progress,
    study,
    next,
    edit,
    step,
    setStep,
    phoneView,
    setPhoneView,
    bare,
    setBare,
    selection,
    select,
    pictureMeterDeg,
    setPictureMeter,
    draft,
    setDraft,
    outline,
    setOutline,
    zoom,
    setZoom,
    brush,
    setBrush,
    photo,
    pictureIn,
    isMonochrome,
    setMonochrome,
    marksClips,
    setMarksClips,
    showsGrid,
    setShowsGrid,
    bracketFrame: Math.min(bracketFrame, bracketFrames(derived) - 1),
    showBracketFrame,
    workingOf,
    showWorking,
  };
  return (
    <StandContext value={access}>
      <StandScreen />
    </StandContext>
  );
}

const bracketFrames = ({ bracket }: Derived): number => (bracket?.ok ? bracket.frames.length : 1);

/** What is worked out beside the plan, once the search itself is done; null until it belongs to the stand as it is. */
function useStudy(stand: Stand, bag: Bag, { stale, prepared }: Derived): Study | null {
  const studies = useAnswers(() => keepAnswers(studyClient()));
  const study = useStore(studies.state, (s) => s.answer);
  const due = !stale && prepared !== null;
  useEffect(() => {
    if (due) studies.ask(stand, bag);
  }, [studies, due, stand, bag]);
  return study?.key === solutionKey(stand, bag) ? study : null;
}

/** A keeper of answers with a worker of its own for as long as the stand is open. */
function useAnswers<A>(make: () => Answers<A>): Answers<A> {
  const [answers] = useState(make);
  useEffect(() => () => answers.dispose(), [answers]);
  return answers;
}
