import {
  assumedTransitionMm,
  kindNamed,
  SHEET_KINDS,
  TRANSITION_DEFAULTS_MM,
  transitionName,
  type TransitionName,
} from '@/core/glass';
import { asKind, asSold, type Filter, isSheet, putFilter, type SheetFilter } from '@/model';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/field';
import {
  type FieldWords,
  filterKindText,
  GLASS_WORDS,
  measuredText,
  otherNotationsText,
  wholeOrTenth,
  wordsOf,
  BAG_TEXT,
} from '@/words';
import { NameField } from '../shared/name-field';
import { QuantityField } from '../shared/quantity-field';
import { useWorkspace } from '../shared/workspace-context';
import { EvenByPictures } from './even-by-pictures';
import { ProfileChart } from './profile-chart';
import { SamplesField } from './samples-field';
import { SheetByPictures } from './sheet-by-pictures';
import { SheetProfilePart } from './sheet-profile';
import { StrengthFromReadings } from './strength-from-readings';

const KINDS = SHEET_KINDS.map((kind) => [kind, GLASS_WORDS[kind].choice] as const);

const TRANSITIONS = Object.keys(TRANSITION_DEFAULTS_MM) as TransitionName[];

const BODIES = [
  ['', 'not known (coated)'],
  ['coated', 'coated'],
  ['dyed', 'dyed in the mass'],
] as const;

interface EditProps<F extends Filter = Filter> {
  filter: F;
  put: (next: Filter) => void;
}

/** Edits one filter of the bag; every good value is taken as it is typed. */
export function FilterEditor({ filter }: { filter: Filter }) {
  const { workspace } = useWorkspace();
  const put = (next: Filter) => workspace.bag.edit((b) => putFilter(b, next));
  return (
    <div
      className="grid grid-cols-2 gap-3 px-2 pt-1 pb-4 md:grid-cols-4"
      role="group"
      aria-label={`Edit ${filterKindText(filter)}`}
    >
      <NameField
        className="col-span-2"
        name={filter.name}
        placeholder={filterKindText(filter)}
        onName={(name) => put({ ...filter, name })}
      />
      {isSheet(filter) && (
        <ChoiceField
          label="Kind"
          className="col-span-2"
          value={filter.kind}
          options={KINDS}
          onValue={(kind) => put(asKind(filter, kind))}
        />
      )}
      {'samples' in filter && <SamplesField filter={filter} put={put} />}
      <ValueFields filter={filter} put={put} />
      {!isSheet(filter) && <MeasuredField filter={filter} put={put} />}
      {!isSheet(filter) && <SitsField filter={filter} put={put} />}
      {isBodied(filter) && <BodyField filter={filter} put={put} />}
      <SizeFields filter={filter} put={put} />
      {isSheet(filter) ? (
        <MeasuredSheet filter={filter} put={put} />
      ) : (
        <>
          <StrengthFromReadings filter={filter} put={put} />
          <EvenByPictures filter={filter} put={put} />
        </>
      )}
      <Measured filter={filter} put={put} />
    </div>
  );
}

/** What it was found to take; it wins over the label in every time. */
function MeasuredField({ filter, put }: EditProps) {
  return (
    <QuantityField
      label="Measured"
      quantity="stops"
      unit="stops"
      optional
      value={filter.measuredStops}
      placeholder="as printed"
      onValue={(measuredStops) => put({ ...filter, measuredStops })}
    />
  );
}

type Bodied = Extract<Filter, { body?: unknown }>;
const isBodied = (filter: Filter): filter is Bodied => kindNamed(filter.kind).hasBody;

/** The ways to measure a sheet; one that goes by samples of its own is corrected there. */
function MeasuredSheet({ filter, put }: { filter: SheetFilter; put: (next: Filter) => void }) {
  return (
    <>
      <SheetByPictures filter={filter} put={put} />
      <SheetProfilePart filter={filter} put={put} />
    </>
  );
}

/** What a filter goes by beside its label, and the way back to that. */
function Measured({ filter, put }: EditProps) {
  const text = measuredText(filter);
  if (!text) return null;
  return (
    <div className="col-span-full space-y-2 border-l-2 border-action pl-2.5">
      <p>{text}</p>
      {isSheet(filter) && filter.measuredSamples && <ProfileChart sold={filter} measured={filter} />}
      <Button onClick={() => put(asSold(filter))}>Go by the label again</Button>
    </div>
  );
}

const SITS: readonly (readonly [NonNullable<Filter['sits']>, string])[] = [
  ['slot', BAG_TEXT.slotHolder],
  ['behind', 'behind the holder'],
  ['thread', 'on the lens’s thread'],
];

/** Where it sits: what is in a slot turns with the grad, and takes its room. */
function SitsField({ filter, put }: EditProps) {
  return (
    <ChoiceField
      label="Sits"
      value={filter.sits ?? 'slot'}
      options={SITS}
      onValue={(sits) => put({ ...filter, sits })}
    />
  );
}

/** How its density got into the glass. */
function BodyField({ filter, put }: EditProps<Bodied>) {
  return (
    <ChoiceField
      label="Glass"
      value={filter.body ?? ''}
      options={BODIES}
      onValue={(body) => put({ ...filter, body: body === '' ? undefined : body })}
    />
  );
}

/** What glass of its kind has beside its size. */
function ValueFields({ filter, put }: EditProps) {
  const words = Object.entries(wordsOf(filter).fields);
  return (
    <>
      {words.slice(0, 1).map(([name, field]) => (
        <ValueField key={name} filter={filter} put={put} name={name} field={field} />
      ))}
      {'transitionMm' in filter && <TransitionFields filter={filter} put={put} />}
      {words.slice(1).map(([name, field]) => (
        <ValueField key={name} filter={filter} put={put} name={name} field={field} />
      ))}
    </>
  );
}

function ValueField({ filter, put, name, field }: EditProps & { name: string; field: FieldWords }) {
  const value = filter[name as keyof Filter] as unknown as number;
  const isStrength = name === 'stops';
  const { faultOf } = kindNamed(filter.kind);
  return (
    <QuantityField
      label={field.label}
      quantity={field.unit === 'mm' ? 'lengthMm' : 'stops'}
      unit={field.unit}
      value={value}
      hint={isStrength ? otherNotationsText(value) : field.hint}
      refuse={(next) =>
        faultOf?.({ ...filter, [name]: next } as never) ? (field.refused?.(filter as never) ?? null) : null
      }
      onValue={(next) => put({ ...filter, [name]: next })}
    />
  );
}

/** The transition by its name, and by its length. */
function TransitionFields({ filter, put }: EditProps<Extract<Filter, { transitionMm: number }>>) {
  const named = transitionName(filter.transitionMm, filter.sheetWidthMm);
  const isAssumed =
    !filter.transitionStated && filter.transitionMm === assumedTransitionMm(named, filter.sheetWidthMm);
  return (
    <>
      <ChoiceField
        label="Transition"
        value={named}
        options={TRANSITIONS.map((name) => [name, name] as const)}
        onValue={(name) =>
          put({
            ...filter,
            transitionMm: assumedTransitionMm(name, filter.sheetWidthMm),
            transitionStated: undefined,
          })
        }
      />
      <QuantityField
        label="Transition length"
        quantity="lengthMm"
        unit="mm"
        value={filter.transitionMm}
        onValue={(transitionMm) => put({ ...filter, transitionMm, transitionStated: true })}
        hint={isAssumed ? 'assumed from the name' : undefined}
      />
    </>
  );
}

/** The sheet as a ruler finds it. */
function SizeFields({ filter, put }: EditProps) {
  return (
    <>
      <QuantityField
        label="Sheet width"
        quantity="lengthMm"
        unit="mm"
        optional
        value={filter.sheetWidthMm}
        placeholder="not known"
        onValue={(sheetWidthMm) => put({ ...filter, sheetWidthMm })}
      />
      <QuantityField
        label="Sheet length"
        quantity="lengthMm"
        unit="mm"
        optional
        value={filter.sheetLengthMm}
        placeholder="not known"
        refuse={(length) =>
          length < (filter.seamFromDarkEndMm ?? 0)
            ? BAG_TEXT.leastMmWhereSeam(wholeOrTenth(filter.seamFromDarkEndMm ?? 0))
            : null
        }
        onValue={(sheetLengthMm) => put({ ...filter, sheetLengthMm })}
      />
      {isSheet(filter) && (
        <QuantityField
          label="Seam from dark end"
          quantity="lengthMm"
          unit="mm"
          optional
          value={filter.seamFromDarkEndMm}
          placeholder="mid-sheet"
          refuse={(seam) =>
            seam > (filter.sheetLengthMm ?? Infinity)
              ? BAG_TEXT.sheetMostMm(wholeOrTenth(filter.sheetLengthMm ?? 0))
              : null
          }
          onValue={(seamFromDarkEndMm) => put({ ...filter, seamFromDarkEndMm })}
        />
      )}
    </>
  );
}
