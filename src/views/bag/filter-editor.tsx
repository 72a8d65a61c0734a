import {
  assumedTransitionMm,
  TRANSITION_DEFAULTS_MM,
  transitionName,
  type TransitionName,
} from '@/core/glass';
import { asKind, putFilter, type SheetFilter, type SheetKind } from '@/model';
import { ChoiceField, ParsedField, type Parsed } from '@/ui/field';
import { filterKindText, wholeOrTenth } from '@/words';
import { parseOptional, parseQuantity } from '../parse';
import { useWorkspace } from '../shell/workspace-context';

const KINDS: readonly (readonly [SheetKind, string])[] = [
  ['graduated', 'graduated'],
  ['reverse', 'reverse, densest at the seam'],
  ['band', 'band, a dense strip'],
];

const TRANSITIONS = Object.keys(TRANSITION_DEFAULTS_MM) as TransitionName[];

/** Edits one sheet of the bag; every good value is taken as it is typed. */
export function FilterEditor({ filter }: { filter: SheetFilter }) {
  const { workspace } = useWorkspace();
  const put = (next: SheetFilter) => workspace.bag.edit((b) => putFilter(b, next));
  const change = (part: Partial<SheetFilter>) => put({ ...filter, ...part } as SheetFilter);
  const named = transitionName(filter.transitionMm, filter.sheetWidthMm);
  const isAssumed = filter.transitionMm === assumedTransitionMm(named, filter.sheetWidthMm);
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
        onValue={(name) => change({ name })}
      />
      <ChoiceField
        label="Kind"
        className="col-span-2"
        value={filter.kind}
        options={KINDS}
        onValue={(kind) => put(asKind(filter, kind))}
      />
      <ParsedField
        label="Strength"
        unit="stops"
        inputMode="decimal"
        text={String(filter.stops)}
        parse={(text) => {
          const read = parseQuantity('stops')(text);
          return read.ok && filter.kind === 'reverse' && read.value < filter.floorStops
            ? { ok: false, error: `At least its far end's ${wholeOrTenth(filter.floorStops)} stops.` }
            : read;
        }}
        onValue={(stops) => change({ stops })}
      />
      <ChoiceField
        label="Transition"
        value={named}
        options={TRANSITIONS.map((name) => [name, name] as const)}
        onValue={(name) => change({ transitionMm: assumedTransitionMm(name, filter.sheetWidthMm) })}
      />
      <ParsedField
        label="Transition length"
        unit="mm"
        inputMode="decimal"
        text={String(filter.transitionMm)}
        parse={parseQuantity('lengthMm')}
        onValue={(transitionMm) => change({ transitionMm })}
        hint={isAssumed ? 'assumed from the name' : undefined}
      />
      <span className="max-md:hidden" />
      <ParsedField
        label="Sheet width"
        unit="mm"
        inputMode="decimal"
        text={filter.sheetWidthMm === undefined ? '' : String(filter.sheetWidthMm)}
        placeholder="not known"
        parse={parseOptional('lengthMm')}
        onValue={(sheetWidthMm) => change({ sheetWidthMm })}
      />
      <ParsedField
        label="Sheet length"
        unit="mm"
        inputMode="decimal"
        text={filter.sheetLengthMm === undefined ? '' : String(filter.sheetLengthMm)}
        placeholder="not known"
        parse={(text) => {
          const read = parseOptional('lengthMm')(text);
          const seam = filter.seamFromDarkEndMm;
          return read.ok && seam !== undefined && (read.value ?? Infinity) < seam
            ? { ok: false, error: `At least ${wholeOrTenth(seam)} mm, where the seam lies.` }
            : read;
        }}
        onValue={(sheetLengthMm) => change({ sheetLengthMm })}
      />
      <ParsedField
        label="Seam from dark end"
        unit="mm"
        inputMode="decimal"
        text={filter.seamFromDarkEndMm === undefined ? '' : String(filter.seamFromDarkEndMm)}
        placeholder="mid-sheet"
        parse={(text) => {
          const read = parseOptional('lengthMm')(text);
          const length = filter.sheetLengthMm;
          return read.ok && length !== undefined && (read.value ?? 0) > length
            ? { ok: false, error: `On the sheet: at most ${wholeOrTenth(length)} mm.` }
            : read;
        }}
        onValue={(seamFromDarkEndMm) => change({ seamFromDarkEndMm })}
      />
      {filter.kind === 'reverse' && (
        <>
          <ParsedField
            label="Fades over"
            unit="mm"
            inputMode="decimal"
            text={String(filter.fadeMm)}
            parse={parseQuantity('lengthMm')}
            onValue={(fadeMm) => put({ ...filter, fadeMm })}
          />
          <ParsedField
            label="Far end"
            unit="stops"
            inputMode="decimal"
            text={String(filter.floorStops)}
            parse={(text) => {
              const read = parseQuantity('stops')(text);
              return read.ok && read.value > filter.stops
                ? { ok: false, error: `At most its strength, ${wholeOrTenth(filter.stops)} stops.` }
                : read;
            }}
            onValue={(floorStops) => put({ ...filter, floorStops })}
          />
        </>
      )}
      {filter.kind === 'band' && (
        <ParsedField
          label="Band width"
          unit="mm"
          inputMode="decimal"
          text={String(filter.bandWidthMm)}
          parse={parseQuantity('lengthMm')}
          onValue={(bandWidthMm) => put({ ...filter, bandWidthMm })}
        />
      )}
    </div>
  );
}
