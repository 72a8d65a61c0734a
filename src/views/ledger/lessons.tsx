import { toast } from 'sonner';
import { type Lesson } from '@/model/ledger';
import { preferences, prefer } from '@/store';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { evidenceText, lessonText, LEDGER_TEXT } from '@/words';
import { useWorkspace } from '../shared/workspace-context';

/** What is learnt: each with what it rests on, taken by one tap or forgotten by another. */
export function Lessons({ lessons }: { lessons: readonly Lesson[] }) {
  return (
    <section aria-labelledby="learnt" className="space-y-3">
      <h2 id="learnt" className="text-lg font-semibold">
        What is learnt
      </h2>
      {lessons.length === 0 && <p className="max-w-xl text-quiet">{LEDGER_TEXT.nothingYetLeansWay}</p>}
      <ul className="grid gap-3 desk:grid-cols-2">
        {lessons.map((lesson) => (
          <OneLesson key={lesson.id} lesson={lesson} />
        ))}
      </ul>
    </section>
  );
}

function OneLesson({ lesson }: { lesson: Lesson }) {
  const take = useTakeLesson();
  const { says, offers } = lessonText(lesson);
  return (
    <li className="space-y-2 border-l-4 border-action bg-chosen p-3">
      <p className="font-semibold">{says}</p>
      <Fold summary="What this rests on">
        <ul className="pb-2 text-sm">
          {lesson.from.map((from, i) => (
            <li key={i}>{evidenceText(lesson, from)}</li>
          ))}
        </ul>
      </Fold>
      <div className="flex flex-wrap gap-2">
        <Button kind="action" onClick={() => take(lesson)}>
          {offers}
        </Button>
        <Button kind="quiet" onClick={() => forget(lesson.id)}>
          Forget it
        </Button>
      </div>
    </li>
  );
}

/** Does what a lesson offers, with a way back. */
function useTakeLesson(): (lesson: Lesson) => void {
  const { workspace } = useWorkspace();
  return (lesson) => {
    const was = preferences.getState().heeded;
    const heed = (change: Partial<typeof was>) => prefer({ heeded: { ...was, ...change } });
    const back = () => prefer({ heeded: was });
    switch (lesson.kind) {
      case 'label': {
        const { filter, measuredStops } = lesson;
        workspace.bag.edit((bag) => ({
          ...bag,
          filters: bag.filters.map((f) => (f.id === filter.id ? { ...f, measuredStops } : f)),
        }));
        return toast(LEDGER_TEXT.bagMeasuredSaysRim, {
          action: { label: 'Undo', onClick: () => workspace.bag.undo() },
        });
      }
      case 'placement':
        heed({ placementStops: lesson.stops, placementSince: new Date().toISOString() });
        break;
      case 'gap':
        heed({ gapStops: lesson.gapStops });
        break;
      case 'blur':
        heed({ liked: { ...was.liked, [lesson.blur]: lesson.seconds } });
        break;
    }
    toast('New stands begin with it.', { action: { label: 'Undo', onClick: back } });
  };
}

function forget(id: string): void {
  const was = preferences.getState().heeded;
  prefer({ heeded: { ...was, forgotten: [...was.forgotten, id] } });
  toast('It is not offered again.', { action: { label: 'Undo', onClick: () => prefer({ heeded: was }) } });
}
