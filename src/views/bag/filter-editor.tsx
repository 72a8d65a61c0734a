import {
  assumedTransitionMm,
  TRANSITION_DEFAULTS_MM,
  transitionName,
  type TransitionName,
} from '@/core/glass';
import { asKind, type Filter, isSheet, putFilter, type SheetFilter, type SheetKind } from '@/model';
import { ChoiceField, ParsedField, type Parsed } from '@/ui/field';
import { filterKindText, otherNotationsText, wholeOrTenth } from '@/words';
import { QuantityField } from '../quantity-field';
import { useWorkspace } from '../shell/workspace-context';
import { SamplesField } from './samples-field';

const KINDS: readonly (readonly [SheetKind, string])[] = [
  ['graduated', 'graduated'],
  ['reverse', 'reverse, densest at the seam'],
  ['band', 'band, a dense strip'],
  ['measured', 'measured, samples of your own'],
];

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
      <ParsedField
        label="Name"
        className="col-span-2"
        text={filter.name ?? ''}
        placeholder={filterKindText(filter)}
        parse={(text): Parsed<string> => ({ ok: true, value: text.slice(0, 200) })}
        onValue={(name) => put({ ...filter, name })}
      />
      {isSheet(filter) ? (
        <SheetFields filter={filter} put={put} />
      ) : filter.kind === 'neutral' ? (
        <QuantityField
          label="Strength"
          quantity="stops"
          unit="stops"
          value={filter.stops}
          hint={otherNotationsText(filter.stops)}
          onValue={(stops) => put({ ...filter, stops })}
        />
      ) : (
        <QuantityField
          label="Base loss"
          quantity="stops"
          unit="stops"
          value={filter.baseLossStops}
          hint="1 to 2 is usual"
          onValue={(baseLossStops) => put({ ...filter, baseLossStops })}
        />
      )}
      {filter.kind !== 'polariser' && (
        <ChoiceField
          label="Glass"
          value={filter.body ?? ''}
          options={BODIES}
          onValue={(body) => put({ ...filter, body: body === '' ? undefined : body })}
        />
      )}
      <SizeFields filter={filter} put={put} />
    </div>
  );
}

/** What makes a sheet that is seated: its kind and its density. */
function SheetFields({ filter, put }: EditProps<SheetFilter>) {
  return (
    <>
      <ChoiceField
        label="Kind"
        className="col-span-2"
        value={filter.kind}
        options={KINDS}
        onValue={(kind) => put(asKind(filter, kind))}
      />
      {filter.kind === 'measured' ? (
        <SamplesField filter={filter} put={put} />
      ) : (
        <ProfileFields filter={filter} put={put} />
      )}
    </>
  );
}

function ProfileFields({ filter, put }: EditProps<Exclude<SheetFilter, { kind: 'measured' }>>) {
  const named = transitionName(filter.transitionMm, filter.sheetWidthMm);
  const isAssumed = filter.transitionMm === assumedTransitionMm(named, filter.sheetWidthMm);
  return (
    <>
      <QuantityField
        label="Strength"
        quantity="stops"
        unit="stops"
        value={filter.stops}
        hint={otherNotationsText(filter.stops)}
        refuse={(stops) =>
          filter.kind === 'reverse' && stops < filter.floorStops
            ? `At least its far end's ${wholeOrTenth(filter.floorStops)} stops.`
            : null
        }
        onValue={(stops) => put({ ...filter, stops })}
      />
      <ChoiceField
        label="Transition"
        value={named}
        options={TRANSITIONS.map((name) => [name, name] as const)}
        onValue={(name) => put({ ...filter, transitionMm: assumedTransitionMm(name, filter.sheetWidthMm) })}
      />
      <QuantityField
        label="Transition length"
        quantity="lengthMm"
        unit="mm"
        value={filter.transitionMm}
        onValue={(transitionMm) => put({ ...filter, transitionMm })}
        hint={isAssumed ? 'assumed from the name' : undefined}
      />
      {filter.kind === 'reverse' && (
        <>
          <QuantityField
            label="Fades over"
            quantity="lengthMm"
            unit="mm"
            value={filter.fadeMm}
            onValue={(fadeMm) => put({ ...filter, fadeMm })}
          />
          <QuantityField
            label="Far end"
            quantity="stops"
            unit="stops"
            value={filter.floorStops}
            refuse={(floor) =>
              floor > filter.stops ? `At most its strength, ${wholeOrTenth(filter.stops)} stops.` : null
            }
            onValue={(floorStops) => put({ ...filter, floorStops })}
          />
        </>
      )}
      {filter.kind === 'band' && (
        <QuantityField
          label="Band width"
          quantity="lengthMm"
          unit="mm"
          value={filter.bandWidthMm}
          onValue={(bandWidthMm) => put({ ...filter, bandWidthMm })}
        />
      )}
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
            ? `At least ${wholeOrTenth(filter.seamFromDarkEndMm ?? 0)} mm, where the seam lies.`
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
              ? `On the sheet: at most ${wholeOrTenth(filter.sheetLengthMm ?? 0)} mm.`
              : null
          }
          onValue={(seamFromDarkEndMm) => put({ ...filter, seamFromDarkEndMm })}
        />
      )}
    </>
  );
}
