import { leftBehindText, stockText } from '@/words';
import { type Littles } from '../pictured/use-littles';
import { useStandBag } from '../session';
import { GlassPicture } from './glass-picture';
import { useHeld } from './use-held';
import { type Elsewhere, type Pictured } from './use-pictured';

/** Sheets that would do better and are not along, apart from those that are: at home, or not owned. */
export function NotAlong({ pictured: { leftBehind, stock, littles } }: { pictured: Pictured }) {
  const bag = useStandBag();
  if (!leftBehind && !stock) return null;
  return (
    <ul aria-label="Not along" className="border-y border-dashed border-edge">
      {leftBehind && <Row sheet={leftBehind} text={leftBehindText(leftBehind.advice)} littles={littles} />}
      {stock && <Row sheet={stock} text={stockText(stock.advice, bag)} littles={littles} />}
    </ul>
  );
}

function Row({ sheet, text, littles }: { sheet: Elsewhere; text: string; littles: Littles }) {
  const { onClickCapture: _, ...held } = useHeld(sheet.glass);
  return (
    <li
      className="flex gap-3 px-2 py-2.5 text-sm text-quiet select-none [-webkit-touch-callout:none]"
      title="Held, the frame shows it"
      {...held}
    >
      <GlassPicture glass={sheet.glass} littles={littles} />
      <span className="min-w-0 flex-1">{text}</span>
    </li>
  );
}
