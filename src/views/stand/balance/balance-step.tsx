import { lazy, Suspense, useState } from 'react';
import { choose, isKeptBack, SCHOOLS, traitsOf, warningsOf, withSchool } from '@/model';
import { Button } from '@/ui/button';
import { Segmented } from '@/ui/segmented';
import { useCompact, useTouch } from '@/ui/use-media';
import { faultText, LOOK_NAMES, lookAim, lookLine, warningText, BALANCE_TEXT } from '@/words';
import { AssumedBag } from '../../shared/assumed-bag';
import { Term } from '../../shared/term';
import { BesidePlan } from './beside-plan';
import { BracketFrames } from './bracket-frames';
import { Kept, Lift, Tuning } from './look-controls';
import { OnLens } from './on-lens';
import { ChangedGlassNote } from './changed-glass';
import { Compare } from './compare';
import { NotAlong } from './not-along';
import { FilterOrBracket } from './filter-or-bracket';
import { OtherSheets } from './other-sheets';
import { OwnBag } from './own-bag';
import { Ranking } from './ranking';
import { SunDirection } from './sun-direction';
import { usePictured } from './use-pictured';
import { useAnswer, useDerived, useEdit, useSession, useStand, useStandBag } from '../session';

/** What only the bench needs is loaded when a stand of it is open. */
const AdviceKept = lazy(() => import('../bench/advice-kept').then((m) => ({ default: m.AdviceKept })));

/** Step 3: the look, what it asks for, and the glass of the bag in order. */
export function BalanceStep() {
  const derived = useDerived();
  const search = useAnswer((a) => a.search);
  const progress = useAnswer((a) => a.progress);
  const stand = useStand();
  const compact = useCompact();
  const isAssumed = useStandBag().assumed;
  const { balance, fault } = derived;
  const pictured = usePictured(balance);
  const Look = compact ? FoldedLook : LookFields;
  if (isKeptBack(stand))
    return (
      <Suspense fallback={null}>
        <AdviceKept />
        <OnLens />
      </Suspense>
    );
  return (
    <div className="space-y-4 compact:space-y-2.5">
      <Look />
      {fault && <p className="text-fault">{faultText(fault)}</p>}
      {search === 'failed' && <p className="text-fault">{BALANCE_TEXT.searchStoppedBeforeDone}</p>}
      {isAssumed && <AssumedBag />}
      <OwnBag />
      <ChangedGlassNote />
      {progress !== null && <Progress part={progress} />}
      {balance ? (
        <>
          <Ranking
            balance={balance}
            glasses={pictured.glasses}
            littles={pictured.littles}
            dim={derived.stale}
          />
          <OtherSheets glasses={pictured.glasses} />
          <NotAlong pictured={pictured} />
          <HoldBare />
          <Compare glasses={pictured.shown} />
          <FilterOrBracket balance={balance} />
        </>
      ) : (
        search === 'working' &&
        traitsOf(stand).usesGlass && <p className="text-quiet">{BALANCE_TEXT.workingOutEverySheet}</p>
      )}
      <Warnings />
      <BesidePlan littles={pictured.littles} />
      <OnLens />
      <Tuning />
    </div>
  );
}

/** The look, and what it leaves to be said. */
function LookFields() {
  const stand = useStand();
  const edit = useEdit();
  const brighter = useBrighter();
  const { school } = stand.look;
  return (
    <div className="space-y-4">
      <Segmented
        label="Look"
        columns={3}
        value={school}
        options={SCHOOLS.map((s) => ({ value: s, text: LOOK_NAMES[s] }))}
        onValue={(s) => edit((st) => withSchool(st, s))}
      />
      <p className="text-quiet">
        {lookAim(stand, brighter)} <Term of="look">What is a look?</Term>
      </p>
      {!traitsOf(stand).readsLight && <SunDirection />}
      <Kept />
      <Lift />
      {!traitsOf(stand).usesGlass && <BracketFrames />}
    </div>
  );
}

/** The side that is held back; the sky, where nothing is known yet. */
const useBrighter = () => useDerived((d) => d.balance?.brighter ?? 'sky');

/** On a phone the look is a line, and its fields unfold from it. */
function FoldedLook() {
  const stand = useStand();
  const { school } = stand.look;
  const { usesGlass, readsLight } = traitsOf(stand);
  // what is to be said, or shown, of these lies in their fields
  const [open, setOpen] = useState(!usesGlass || !readsLight);
  const line = lookLine(stand, useBrighter());
  return (
    <div>
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="flex min-h-11 w-full items-center gap-3 text-left"
      >
        <span className="min-w-0 flex-1 truncate">
          <strong className="font-semibold">{LOOK_NAMES[school]}</strong>
          {line && `, ${line}`}
        </span>
        <span className="text-quiet underline underline-offset-4">{open ? 'done' : 'change'}</span>
      </button>
      {open && <LookFields />}
    </div>
  );
}

/** How far a search is that takes its time. */
function Progress({ part }: { part: number }) {
  return (
    <div className="flex items-center gap-3 text-sm text-quiet">
      <progress className="h-1.5 flex-1 accent-(--action)" value={part} aria-label="How far the search is" />
      {Math.round(part * 100)} %
    </div>
  );
}

function HoldBare() {
  const bare = useSession((s) => s.bare);
  const byTouch = useTouch();
  const setBare = useSession((s) => s.setBare);
  const derived = useDerived();
  const edit = useEdit();
  const release = () => setBare(false);
  return (
    <div className="flex flex-wrap gap-2">
      <Button
        className="flex-1 touch-none"
        aria-pressed={bare}
        onPointerDown={() => setBare(true)}
        onPointerUp={release}
        onPointerLeave={release}
        onPointerCancel={release}
        onKeyDown={(e) => {
          if (e.key === ' ' || e.key === 'Enter') setBare(true);
        }}
        onKeyUp={release}
        onBlur={release}
      >
        Hold to see it without{!byTouch && ' (B)'}
      </Button>
      {derived.chosen && (
        <Button onClick={() => edit((s) => choose(s, undefined))}>{BALANCE_TEXT.letGlassSeatFollow}</Button>
      )}
    </div>
  );
}

function Warnings() {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const { inUse } = derived;
  const warnings = inUse ? warningsOf(stand, bag, derived, inUse) : [];
  if (!warnings.length) return null;
  return (
    <ul aria-label="Warnings" className="space-y-1.5 text-sm">
      {warnings.map((w) => (
        <li key={'side' in w ? `${w.code} ${w.side}` : w.code} className="border-l-2 border-fault pl-2.5">
          {warningText(w, stand.readings)}
        </li>
      ))}
    </ul>
  );
}
