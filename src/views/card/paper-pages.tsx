import { CARDS_TEXT } from '@/words';
import { FileText, Image as ImageIcon, Printer } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { toast } from 'sonner';
import { PAPER_NAMES, type PaperName } from '@/core/units';
import { CardPage } from '@/render/card/card-page';
import { type PageMarks } from '@/render/card/marks';
import { holdsFour } from '@/render/card/on-sheets';
import { prefer } from '@/store';
import { Button } from '@/ui/button';
import { Check } from '@/ui/check';
import { saveFile } from '@/ui/save-file';
import { Segmented } from '@/ui/segmented';
import { usePreferences } from '../shared/workspace-context';
import { pdfFile, pngFile } from './card-files';
import { PrintPages } from './print-pages';

interface PaperPagesProps {
  /** Null while they are being worked out. */
  readonly pages: readonly PageMarks[] | null;
  readonly title: string;
  /** How many cards there are. */
  readonly count: number;
  /** What is to be said above them. */
  readonly children?: ReactNode;
}

/** Pages of cards as they come out, on what paper, and the ways out: printed, PDF, PNG. */
export function PaperPages({ pages, title, count, children }: PaperPagesProps) {
  const paper = usePreferences((p) => p.paper);
  return (
    <div className="grid items-start gap-6 desk:grid-cols-[17rem_minmax(0,1fr)]">
      <Settings pages={pages} title={title} count={count} />
      <div className="space-y-4">
        {children}
        {pages ? (
          <Preview pages={pages} paper={paper} title={title} />
        ) : (
          <p role="status" className="text-quiet">
            Being worked out…
          </p>
        )}
      </div>
      {pages && <PrintPages pages={pages} />}
    </div>
  );
}

interface SettingsProps {
  readonly pages: readonly PageMarks[] | null;
  readonly title: string;
  /** How many cards there are. */
  readonly count: number;
}

/** The paper, and the ways out. */
function Settings({ pages, title, count }: SettingsProps) {
  const paper = usePreferences((p) => p.paper);
  const isFour = usePreferences((p) => p.fourToPage);
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
          {CARDS_TEXT.fourPageCutApart}
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
      <p className="text-sm text-quiet">{CARDS_TEXT.greyColourArmsLength}</p>
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
