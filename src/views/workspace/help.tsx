import { Button } from '@/ui/button';
import { useCommandState } from '@/ui/commands';
import { Dialog } from '@/ui/dialog';
import { useTouch } from '@/ui/use-media';
import { HELP_BY_TOUCH, HELP_WORDS, type HelpWord, WORKSPACE_TEXT } from '@/words';
import { HelpDrawing } from '../shared/help-drawing';

/** The product's own words with a drawing each, and what fingers do; at a desk the way to the keys. */
export default function Help() {
  const setOpen = useCommandState((s) => s.setOpen);
  const byTouch = useTouch();
  return (
    <Dialog title="Help" open onClose={() => setOpen(null)}>
      <div
        tabIndex={0}
        role="region"
        aria-label="Words and hands"
        className="min-h-0 space-y-5 overflow-y-auto px-5 py-4"
      >
        <p className="text-quiet">{WORKSPACE_TEXT.pointCameraLandSky}</p>
        <dl className="space-y-4">
          {(Object.keys(HELP_WORDS) as HelpWord[]).map((of) => (
            <div key={of} className="flex gap-3">
              <HelpDrawing of={of} />
              <div className="min-w-0 flex-1">
                <dt className="font-semibold">{HELP_WORDS[of].word}</dt>
                <dd>{HELP_WORDS[of].text}</dd>
              </div>
            </div>
          ))}
        </dl>
        {byTouch ? (
          <section>
            <h3 className="mb-1 font-semibold">By hand</h3>
            <dl className="space-y-1.5">
              {HELP_BY_TOUCH.map(([what, does]) => (
                <div key={what}>
                  <dt className="inline font-semibold">{what}</dt>: <dd className="inline">{does}</dd>
                </div>
              ))}
            </dl>
          </section>
        ) : (
          <Button onClick={() => setOpen('shortcuts')}>The keys</Button>
        )}
      </div>
    </Dialog>
  );
}
