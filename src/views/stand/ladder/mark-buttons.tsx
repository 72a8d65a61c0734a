import { type DrawnMark, drawnMarks, LADDER_ROWS, type LadderMark, type LadderScale } from '@/render/ladder';
import { ladderRoleText, ladderSpotText, spotNames } from '@/words';
import { useDerived, useSession, useAnswer } from '../session';

interface MarkButtonsProps {
  marks: readonly LadderMark[];
  x: LadderScale;
  /** What a mark tells while it is pointed at or has the focus; null when none is. */
  onTell: (told: { readonly text: string; readonly x: number } | null) => void;
  /** The mark whose single readings are to be shown; null for none. */
  onOpen: (key: string | null) => void;
}

/** Half the side of what a finger finds of a mark, px. */
const REACH = 16;
/** Half the side of the box round one that is chosen or has the focus, px. */
const SHOWN = 9;

/** Every mark of the ladder answers the pointer, a finger and the keyboard with its reading. */
export function MarkButtons({ marks, x, onTell, onOpen }: MarkButtonsProps) {
  const stand = useAnswer((a) => a.lit);
  const derived = useDerived();
  const selection = useSession((s) => s.selection);
  const select = useSession((s) => s.select);
  const outcomes = derived.inUse?.outcome.readings ?? [];
  const named = spotNames(stand.readings);
  const textOf = ({ mark, id }: DrawnMark): string => {
    const own = outcomes.filter((o) => (id === null ? mark.spots.some((s) => s.id === o.id) : o.id === id));
    const reading = stand.readings.find((r) => r.id === id);
    const [outcome] = own;
    if (!outcome) return '';
    return reading
      ? ladderSpotText({ reading, outcome, camera: stand.camera, iso: stand.exposure.iso, named })
      : ladderRoleText(mark.role, mark.limit, own, named);
  };
  return drawnMarks(marks, x).map((drawn) => {
    const { mark, id, bareX } = drawn;
    const text = textOf(drawn);
    const isSelected = id !== null && selection?.kind === 'reading' && selection.id === id;
    return (
      <MarkButton
        key={`${mark.key} ${id}`}
        drawn={drawn}
        text={text}
        isSelected={isSelected}
        onTell={(on) => onTell(on ? { text, x: bareX } : null)}
        onPress={() => {
          if (id === null) onOpen(mark.key);
          else {
            if (isSelected) onOpen(null);
            select(isSelected ? null : { kind: 'reading', id });
          }
        }}
      />
    );
  });
}

interface MarkButtonProps {
  drawn: DrawnMark;
  text: string;
  isSelected: boolean;
  onTell: (on: boolean) => void;
  onPress: () => void;
}

function MarkButton({ drawn: { id, bareX, throughX }, text, isSelected, onTell, onPress }: MarkButtonProps) {
  const ends = [
    [bareX, LADDER_ROWS.bare],
    [throughX, LADDER_ROWS.through],
  ] as const;
  const tell = () => onTell(true);
  const press = () => {
    tell();
    onPress();
  };
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={text}
      aria-pressed={id === null ? undefined : isSelected}
      aria-expanded={id === null ? false : undefined}
      className="group cursor-pointer outline-none"
      onPointerEnter={tell}
      onPointerLeave={(e) => e.pointerType === 'mouse' && onTell(false)}
      onFocus={tell}
      onBlur={() => onTell(false)}
      onClick={press}
      onKeyDown={(e) => {
        if (e.key !== 'Enter' && e.key !== ' ') return;
        e.preventDefault();
        press();
      }}
    >
      <path
        d={`M${bareX} ${LADDER_ROWS.bare}L${throughX} ${LADDER_ROWS.through}`}
        stroke="transparent"
        strokeWidth={REACH}
      />
      {ends.map(([cx, cy]) => (
        <rect
          key={cy}
          x={cx - REACH}
          y={cy - REACH + 2}
          width={2 * REACH}
          height={2 * REACH - 4}
          rx={3}
          fill="transparent"
        />
      ))}
      {ends.map(([cx, cy]) => (
        <rect
          key={cy}
          x={cx - SHOWN}
          y={cy - SHOWN}
          width={2 * SHOWN}
          height={2 * SHOWN}
          fill="none"
          className={`stroke-2 group-focus-visible:stroke-action ${isSelected ? 'stroke-ink' : 'stroke-transparent'}`}
        />
      ))}
    </g>
  );
}
