import { OUTING_TEXT } from '@/words';
import { CalendarPlus, ChevronLeft, Download, EllipsisVertical, Files, Printer, Route } from 'lucide-react';
import { Link, useNavigate, useParams } from 'react-router';
import { type Outing } from '@/model/outing';
import { asCalendar, placesAsGpx, safeName } from '@/store';
import { Menu } from '@/ui/menu';
import { saveFile } from '@/ui/save-file';
import { useCompact } from '@/ui/use-media';
import { placesOnWay } from '@/model/outing';
import { calendarEntries, outingDayText, outingName } from '@/words/outing';
import { saveOrSay } from '../shared/save';
import { Saved } from '../shared/saved';
import { cardsPath, idOfKey, standKey } from '../shared/stand-path';
import { UndoRedo } from '../shared/undo-redo';
import { usePlans } from '../shared/use-plans';
import { PlanNotes } from '../shared/plan-notes';
import { useWorkspace, useWorkspaceState } from '../shared/workspace-context';
import { Cautions } from './cautions';
import { DayStrip } from './day-strip';
import { DueAgainPart } from './due-again';
import { Framings } from './framings';
import { Moments } from './moments';
import { NoOuting } from './no-outing';
import { PackingPart } from './packing-part';
import { TidePart } from './tide-part';
import { OutingContext, useOuting, useShownOuting } from './use-outing';
import { WeatherPart } from './weather-part';
import { WhenAndWhere } from './when-and-where';

/** One outing: its day over its framings, its tide and weather, the hours, what to pack and what can hurt. */
export function OutingPage() {
  const { id: key = '' } = useParams();
  const outing = usePlans((p) => p.outings.find((o) => o.id === idOfKey(key)));
  return outing ? <Shown key={outing.id} outing={outing} /> : <NoOuting />;
}

function Shown({ outing }: { outing: Outing }) {
  const shown = useShownOuting(outing);
  const compact = useCompact();
  return (
    <OutingContext value={shown}>
      <div className="relative h-full overflow-y-auto">
        <title>{`${outingName(outing)} · Pale Seam`}</title>
        <div className="mx-auto max-w-6xl px-4 py-5 desk:px-8 desk:py-6">
          <Header />
          <DayStrip />
          {compact ? (
            <div className="space-y-8">
              <DueAgainPart />
              <Moments />
              <Cautions />
              <Framings />
              <PackingPart />
              <Said />
            </div>
          ) : (
            <div className="grid grid-cols-[minmax(0,1fr)_340px] gap-x-10">
              <div className="min-w-0 space-y-8">
                <DueAgainPart />
                <Moments />
                <Framings />
                <PackingPart />
              </div>
              <div className="min-w-0 space-y-8">
                <Cautions />
                <Said />
              </div>
            </div>
          )}
        </div>
      </div>
    </OutingContext>
  );
}

/** What is said of the day, and everything else here follows from. */
function Said() {
  return (
    <>
      <WhenAndWhere />
      <TidePart />
      <WeatherPart />
      <NotesPart />
    </>
  );
}

/** What can be taken of an outing: its file, its moments for a calendar, its way for a device that shows it. */
function useOutingFiles() {
  const { outing, day } = useOuting();
  const { workspace } = useWorkspace();
  const stands = useWorkspaceState((s) => s.stands);
  const standOf = (id: string) => stands.find((s) => s.id === id)?.document.stand ?? null;
  const way = placesOnWay(outing, standOf);
  const name = safeName(outingName(outing)) || 'outing';
  const save = () => {
    const file = workspace.exportOuting(outing.id);
    if (file) saveOrSay(file);
  };
  const toCalendar = async () => {
    if (!day) return;
    const text = await asCalendar(outingName(outing), calendarEntries(outing, day));
    saveFile({ name: `${outing.day}-${name}.ics`, text });
  };
  const toGpx = async () => {
    const text = await placesAsGpx(outingName(outing), way, way.length > 1 ? 'route' : 'waypoints');
    saveFile({ name: `${outing.day}-${name}.gpx`, text });
  };
  const itsStands = outing.framings.flatMap((f) => (f.standId && standOf(f.standId) ? [f.standId] : []));
  return { hasWay: way.length > 0, itsStands, save, toCalendar, toGpx };
}

function Header() {
  const { outing, day } = useOuting();
  const { workspace, base } = useWorkspace();
  const compact = useCompact();
  const navigate = useNavigate();
  const { hasWay, itsStands, save, toCalendar, toGpx } = useOutingFiles();
  return (
    <header className="mb-3 flex items-center gap-x-3">
      <Link
        to={`${base}/outings`}
        aria-label="All outings"
        className="-ml-2 inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-chosen"
      >
        <ChevronLeft size={22} aria-hidden />
      </Link>
      <div className="mr-auto min-w-0">
        <h1 className="truncate text-2xl font-semibold">{outingName(outing)}</h1>
        <p className="text-quiet">{outingDayText(outing.day)}</p>
      </div>
      <Saved />
      <UndoRedo kept={workspace.plans} hideRedo={compact} />
      <Menu
        label="More"
        className="inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-chosen"
        groups={[
          [
            ...(day
              ? [{ text: 'Into the calendar', icon: CalendarPlus, onSelect: () => void toCalendar() }]
              : []),
            ...(hasWay ? [{ text: 'Its way as GPX', icon: Route, onSelect: () => void toGpx() }] : []),
            {
              text: 'Card to print',
              icon: Printer,
              onSelect: () => void navigate(`${base}/outings/${standKey(outing.id)}/card`),
            },
            ...(itsStands.length
              ? [
                  {
                    text: 'Cards of its stands',
                    icon: Files,
                    onSelect: () => void navigate(cardsPath(base, itsStands)),
                  },
                ]
              : []),
            { text: 'Save as a file', icon: Download, onSelect: save },
          ],
        ]}
      >
        <EllipsisVertical size={20} aria-hidden />
      </Menu>
    </header>
  );
}

function NotesPart() {
  const { outing, edit } = useOuting();
  return (
    <section aria-label="Notes" className="space-y-3">
      <PlanNotes
        label={OUTING_TEXT.knowsWhenTheyExpect}
        text={outing.told ?? ''}
        placeholder="the warden, by ten"
        onText={(told) => edit((o) => ({ ...o, told: told || undefined }))}
      />
      <PlanNotes
        text={outing.notes ?? ''}
        onText={(notes) => edit((o) => ({ ...o, notes: notes || undefined }))}
      />
    </section>
  );
}
