import { X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import {
  type Remedy,
  remediesFor,
  type Much,
  muchesOf,
  type Seen,
  seenOf,
  type Sight,
  SIGHT_IDS,
  type SightGroup,
  type SightOf,
  sightRecord,
  type Take,
} from '@/model';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { Segmented } from '@/ui/segmented';
import {
  adviceText,
  remedyText,
  causeQuestion,
  muchText,
  SIGHT_GROUPS,
  sightOfText,
  sightWords,
} from '@/words';
import { useOpenStand, useSession, useSolved, useStand, useStandBag } from '../session';
import { takeBack, tellOf } from './tell';

/** Groups of buttons, in their order; what was measured has its own tools. */
const GROUPS: readonly SightGroup[] = ['sky', 'line', 'land', 'more'];

/** What a shot can show, in groups for the thumb; what was told stands first, open, each with what it led to. */
export function Sights({ take }: { take: Take }) {
  const seen = useStand((s) => s.seen);
  const told = seenOf({ seen: seen ?? [] }, take).filter((s) => sightRecord(s.what).group !== 'measured');
  const telling = useSession((s) => s.telling);
  const open = [
    ...told.map((s) => s.what),
    ...(telling && !told.some((s) => s.what === telling) ? [telling] : []),
  ];
  return (
    <div className="space-y-3">
      {open.map((what) => (
        <SightCard key={what} what={what} seen={told.find((s) => s.what === what)} take={take} />
      ))}
      {GROUPS.map((group) => {
        const rest = SIGHT_IDS.filter((id) => sightRecord(id).group === group && !open.includes(id));
        return group === 'more' ? (
          <Fold key={group} summary="More: water, people, sharpness, glass">
            <SightButtons sights={rest} />
          </Fold>
        ) : (
          <section key={group} aria-label={SIGHT_GROUPS[group]}>
            <h4 className="pb-1 text-sm text-quiet">{SIGHT_GROUPS[group]}</h4>
            <SightButtons sights={rest} />
          </section>
        );
      })}
    </div>
  );
}

function SightButtons({ sights }: { sights: readonly Sight[] }) {
  const open = useOpenStand();
  const tell = useSession((s) => s.tell);
  return (
    <div className="grid grid-cols-2 gap-2 tablet:grid-cols-3">
      {sights.map((what) => (
        <button
          key={what}
          type="button"
          className="min-h-14 rounded-md border border-rule bg-panel px-3 text-left hover:bg-chosen"
          onClick={() => {
            if (!muchesOf(what).length && !sightRecord(what).ofs) tellOf(open, { what });
            tell(what);
          }}
        >
          {sightWords(what).name}
        </button>
      ))}
    </div>
  );
}

/** What was tapped far down opens at the top: it is brought before the eyes, and keys go on from it. */
function useFresh(what: Sight) {
  const box = useRef<HTMLElement>(null);
  const [isFresh] = useState(useSession((s) => s.telling === what));
  useEffect(() => {
    if (!isFresh) return;
    box.current?.focus({ preventScroll: true });
    void box.current?.scrollIntoView({ block: 'nearest' });
  }, [isFresh]);
  return box;
}

/** One thing that was seen: how much of it, where, how it is answered, and what else it may come from. */
function SightCard({ what, seen, take }: { what: Sight; seen: Seen | undefined; take: Take }) {
  const open = useOpenStand();
  const tell = useSession((s) => s.tell);
  const { ofs = [], byRaw } = sightRecord(what);
  const muches = muchesOf(what);
  const { name, question } = sightWords(what);
  const [draft, setDraft] = useState<Pick<Seen, 'of' | 'raw'>>(muches.length ? { of: ofs[0] } : {});
  // what was told goes before what is only being chosen: an undo changes it too
  const { of, raw } = seen ?? draft;
  const say = (change: Partial<Pick<Seen, 'much' | 'of' | 'raw'>>) =>
    tellOf(open, toldOf({ what, of, raw, much: seen?.much, ...change }));
  const sayOf = (value: SightOf | '') => {
    if (!value) return;
    if (seen || !muches.length) say({ of: value });
    else setDraft({ ...draft, of: value });
  };
  const box = useFresh(what);
  return (
    <section
      ref={box}
      tabIndex={-1}
      aria-label={name}
      className={`space-y-2 focus:outline-none rounded-md border-2 p-2.5 ${seen ? 'border-action bg-chosen' : 'border-edge'}`}
    >
      <CardHead
        name={name}
        isTold={seen !== undefined}
        onClose={() => {
          if (seen) takeBack(open, seen.id);
          tell(null);
        }}
      />
      {question && !seen && <p className="text-sm text-quiet">{question}</p>}
      {ofs.length > 0 && (
        <Segmented<SightOf | ''>
          label={`${name}: where`}
          value={of ?? ''}
          columns={ofs.length > 4 ? 3 : ofs.length}
          options={ofs.map((value) => ({ value, text: sightOfText(what, value) }))}
          onValue={sayOf}
        />
      )}
      <Amounts what={what} seen={seen} onMuch={(much) => say({ much })} />
      {byRaw && (
        <JudgedBy
          raw={raw}
          onRaw={(raw) => {
            if (seen) say({ raw });
            else setDraft({ ...draft, raw });
          }}
        />
      )}
      {seen && <Answered seen={seen} take={take} />}
    </section>
  );
}

interface CardHeadProps {
  readonly name: string;
  readonly isTold: boolean;
  readonly onClose: () => void;
}

function CardHead({ name, isTold, onClose }: CardHeadProps) {
  return (
    <div className="flex items-center justify-between gap-2">
      <h4 className="font-semibold">{name}</h4>
      <button
        type="button"
        aria-label={isTold ? `Take back: ${name}` : `Not ${name}`}
        className="-m-1.5 flex size-11 items-center justify-center rounded-md hover:bg-panel"
        onClick={onClose}
      >
        <X size={18} aria-hidden />
      </button>
    </div>
  );
}

interface AmountsProps {
  readonly what: Sight;
  readonly seen: Seen | undefined;
  readonly onMuch: (much: Much) => void;
}

/** How much of it was seen, or where. */
function Amounts({ what, seen, onMuch }: AmountsProps) {
  const { placed } = sightRecord(what);
  const muches = muchesOf(what);
  if (!muches.length && !placed) return null;
  return (
    <div className="grid auto-cols-fr grid-flow-col gap-2">
      {muches.map((much) => (
        <button
          key={much}
          type="button"
          aria-pressed={seen?.much === much}
          className="min-h-14 rounded-md border border-edge bg-panel font-semibold aria-pressed:border-action aria-pressed:bg-action aria-pressed:text-on-action"
          onClick={() => onMuch(much)}
        >
          {muchText(what, much)}
        </button>
      ))}
      {placed && <ShowWhere what={what} isShown={!!seen?.at} />}
    </div>
  );
}

/** By which picture it was judged: what the camera shows, or the raw file. */
function JudgedBy({ raw, onRaw }: { raw: Seen['raw']; onRaw: (raw: Seen['raw']) => void }) {
  return (
    <Segmented<'jpeg' | 'raw'>
      label="Judged by"
      value={raw ? 'raw' : 'jpeg'}
      options={[
        { value: 'jpeg', text: 'camera’s screen' },
        { value: 'raw', text: 'raw file' },
      ]}
      onValue={(value) => onRaw(value === 'raw' ? true : undefined)}
    />
  );
}

/** Asks for a tap in the frame: at a desk it stands there, on a phone it is brought. */
function ShowWhere({ what, isShown }: { what: Sight; isShown: boolean }) {
  const tell = useSession((s) => s.tell);
  const setShowing = useSession((s) => s.setShowing);
  const isAsking = useSession((s) => s.isShowing && s.telling === what);
  return (
    <button
      type="button"
      aria-pressed={isShown || isAsking}
      className="min-h-14 rounded-md border border-edge bg-panel px-1 font-semibold aria-pressed:border-action aria-pressed:bg-action aria-pressed:text-on-action"
      onClick={() => {
        tell(what);
        setShowing(!isAsking);
      }}
    >
      {isAsking ? 'tap it in the frame' : 'tap where'}
    </button>
  );
}

/** How it was answered, what else would do, what it may come from. */
function Answered({ seen, take }: { seen: Seen; take: Take }) {
  const open = useOpenStand();
  const bag = useStandBag();
  const solved = useSolved();
  const [cause, setCause] = useState<string | null>(null);
  const others = remediesFor(seen, take, solved).filter((r) => !isTaken(r, seen));
  const question = causeQuestion(seen);
  return (
    <div className="space-y-2 text-sm">
      <p className="text-quiet">{adviceText(seen)}</p>
      {others.length > 0 && (
        <div className="flex flex-wrap items-center gap-2">
          <span className="text-quiet">{seen.answer ? 'or:' : 'also:'}</span>
          {others.map((remedy) => (
            <Button key={remedyText(remedy, seen, bag)} onClick={() => tellOf(open, toldOf(seen), remedy)}>
              {remedyText(remedy, seen, bag)}
            </Button>
          ))}
        </div>
      )}
      {question && (
        <div className="flex flex-wrap items-center gap-2">
          <span className="basis-full font-semibold">{question.question}</span>
          {question.answers.map(({ text, then }) => (
            <Button key={text} aria-pressed={cause === then} onClick={() => setCause(then)}>
              {text}
            </Button>
          ))}
          {cause && <p role="status">{cause}</p>}
        </div>
      )}
    </div>
  );
}

/** What was told, without how it was answered. */
function toldOf({ what, much, of, at, raw }: Pick<Seen, 'what' | 'much' | 'of' | 'at' | 'raw'>) {
  return {
    what,
    ...(much ? { much } : {}),
    ...(of ? { of } : {}),
    ...(at ? { at } : {}),
    ...(raw ? { raw } : {}),
  };
}

/** Whether this is the remedy that was taken. */
const isTaken = (remedy: Remedy, { answer: taken }: Seen): boolean => remedy.by === (taken ?? 'evidence');
