import { ChevronLeft, FileText, Image as ImageIcon, Printer } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { toast } from 'sonner';
import { CardPage } from '@/render/card/card-page';
import { layOut } from '@/render/card/lay-out';
import { type PageMarks } from '@/render/card/marks';
import { PAPER_NAMES, type PaperName } from '@/core/units';
import { cardSize, holdsFour, onSheets } from '@/render/card/on-sheets';
import { cardFontsReady, measureOnCanvas } from '@/render/card/paint-card';
import { prefer } from '@/store';
import { Button } from '@/ui/button';
import { Check } from '@/ui/check';
import { saveFile } from '@/ui/save-file';
import { Segmented } from '@/ui/segmented';
import { idOfKey, standKey } from '../shared/stand-path';
import { usePreferences, useWorkspace, useWorkspaceState } from '../workspace/workspace-context';
import { pdfFile, pngFile } from './card-files';
import { PrintPages } from './print-pages';
import { type Cards, useCards } from './use-cards';

/** Cards of one stand or of several: looked at, printed, and saved. */
export function CardsPage() {
  const { base } = useWorkspace();
  const [search] = useSearchParams();
  const all = useWorkspaceState((s) => s.stands);
  const isLoading = useWorkspaceState((s) => s.phase === 'loading');
  const of = search.getAll('of').join(' ');
  const stands = useMemo(
    () => of.split(' ').flatMap((key) => all.find((s) => s.id === idOfKey(key)) ?? []),
    [of, all],
  );
  const cards = useCards(stands);
  const paper = usePreferences((p) => p.paper);
  const isFour = usePreferences((p) => p.fourToPage);
  const pages = usePages(cards, paper, isFour);
  const [only] = stands;
  const title = stands.length === 1 && only ? only.document.stand.name || 'Card' : `${stands.length} cards`;
  const back = stands.length === 1 && only ? `${base}/stands/${standKey(only.id)}` : `${base}/stands`;
  if (!stands.length)
    return isLoading ? null : (
      <div className="mx-auto max-w-xl space-y-4 px-4 py-8">
        <title>Cards · Pale Seam</title>
        <h1 className="text-2xl font-semibold">No stand to make a card of</h1>
        <p className="text-quiet">Choose one among the stands; its card is in its menu.</p>
        <Link className={LINK} to={`${base}/stands`}>
          To the stands
        </Link>
      </div>
    );
  const missing = cards.filter((card) => card === null).length;
  return (
    <div className="relative h-full overflow-y-auto">
      <title>{`${title} · Pale Seam`}</title>
      <div className="mx-auto max-w-5xl space-y-5 px-4 py-5 desk:px-8">
        <header className="flex items-center gap-1">
          <Link
            to={back}
            aria-label={stands.length === 1 ? 'Back to the stand' : 'All stands'}
            className="-ml-3 inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-chosen"
          >
            <ChevronLeft size={22} aria-hidden />
          </Link>
          <h1 className="min-w-0 truncate text-2xl font-semibold">
            {stands.length === 1 ? `Card of ${title}` : title}
          </h1>
        </header>
        <div className="grid items-start gap-6 desk:grid-cols-[17rem_minmax(0,1fr)]">
          <Settings pages={pages} title={title} paper={paper} isFour={isFour} count={stands.length} />
          <div className="space-y-4">
            {missing > 0 && (
              <p role="alert" className="text-fault">
                {missing === 1 ? 'One card' : `${missing} cards`} could not be worked out; the stands are
                safe.
              </p>
            )}
            {pages ? (
              <Preview pages={pages} paper={paper} title={title} />
            ) : (
              <p role="status" className="text-quiet">
                Being worked out…
              </p>
            )}
          </div>
        </div>
      </div>
      {pages && <PrintPages pages={pages} />}
    </div>
  );
}

const LINK = 'inline-flex min-h-11 items-center rounded-md border border-edge px-3.5 hover:bg-chosen';

/** The cards on their paper; null until all of them are worked out and the type is there. */
function usePages(cards: Cards, paper: PaperName, isFour: boolean): readonly PageMarks[] | null {
  const [hasFonts, setHasFonts] = useState(false);
  useEffect(() => {
    void cardFontsReady().then(() => setHasFonts(true));
  }, []);
  return useMemo(() => {
    if (!hasFonts || !cards.length || cards.includes(undefined)) return null;
    const measure = measureOnCanvas();
    const size = cardSize(paper, isFour);
    const laid = cards.flatMap((card) => (card ? [layOut(card, size, measure)] : []));
    return laid.length ? onSheets(laid, paper, isFour) : null;
  }, [hasFonts, cards, paper, isFour]);
}

interface SettingsProps {
  readonly pages: readonly PageMarks[] | null;
  readonly title: string;
  readonly paper: PaperName;
  readonly isFour: boolean;
  /** How many cards there are. */
  readonly count: number;
}

/** The paper, and the ways out. */
function Settings({ pages, title, paper, isFour, count }: SettingsProps) {
  const [making, setMaking] = useState(false);
  const save = async (make: typeof pdfFile) => {
    if (!pages) return;
    setMaking(true);
    try {
      saveFile(await make(pages, title));
    } catch (error) {
      toast.error(`No file was saved: ${(error as Error).message}.`);
    } finally {
      setMaking(false);
    }
  };
  const isOut = !pages || making;
  return (
    <div className="space-y-3 desk:sticky desk:top-5">
      <div className="space-y-1">
        <p className="text-sm text-quiet">Paper</p>
        <Segmented<PaperName>
          label="Paper"
          value={paper}
          options={PAPER_NAMES.map((value) => ({ value, text: value }))}
          onValue={(next) => prefer({ paper: next })}
        />
      </div>
      {count > 1 && holdsFour(paper) && (
        <Check isOn={isFour} onChange={(fourToPage) => prefer({ fourToPage })}>
          Four to a page, to be cut apart
        </Check>
      )}
      <div className="grid grid-cols-2 gap-2 *:first:col-span-2 desk:grid-cols-1 desk:*:first:col-span-1">
        <Button kind="action" disabled={isOut} onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> Print
        </Button>
        <Button disabled={isOut} onClick={() => void save(pdfFile)}>
          <FileText size={18} aria-hidden /> Save as PDF
        </Button>
        <Button disabled={isOut} onClick={() => void save(pngFile)}>
          <ImageIcon size={18} aria-hidden /> Save as PNG
        </Button>
      </div>
      {making && (
        <p role="status" className="text-sm text-quiet">
          Being made…
        </p>
      )}
      <p className="text-sm text-quiet">
        In grey as in colour, at arm’s length. Print at 100 %, without margins of the printer’s own.
      </p>
    </div>
  );
}

interface PreviewProps {
  readonly pages: readonly PageMarks[];
  readonly paper: PaperName;
  readonly title: string;
}

/** The pages as they come out; at night as dim as the rest. */
function Preview({ pages, paper, title }: PreviewProps) {
  return (
    <ol className="space-y-6" aria-label="Pages">
      {pages.map((page, i) => (
        <li
          key={i}
          className="relative mx-auto w-full max-w-[600px] border border-edge"
          style={{ aspectRatio: `${page.width} / ${page.height}` }}
        >
          <CardPage page={page} label={`${title}, page ${i + 1} of ${pages.length}, ${paper}`} />
          <span aria-hidden className="absolute inset-0 bg-(--photo-tint) mix-blend-multiply" />
        </li>
      ))}
    </ol>
  );
}
