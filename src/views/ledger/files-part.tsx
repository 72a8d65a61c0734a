import { useEffect, useMemo, useRef, useState } from 'react';
import { toast } from 'sonner';
import { type FileMatches, type LedgerEntry, shotBySlip, type ShotFile } from '@/model/ledger';
import {
  MAX_SMALL,
  otherSettings,
  type Stand,
  type StandDocument,
  type StoredPhoto,
  withFile,
  withStand,
  withTake,
} from '@/model';
import { Button } from '@/ui/button';
import { ParsedField } from '@/ui/field';
import { type FilesToMatch } from '@/workers';
import { type StandSummary } from '@/store';
import { clockOffText, matchedText, photoFaultText, LEDGER_TEXT } from '@/words';
import { typedNumber } from '../shared/parse';
import { PHOTO_FILES } from '../shared/photo-files';
import { useAsked } from '../workspace/use-asked';
import { useBag, useNewId, useWorkspace, useWorkspaceState } from '../shared/workspace-context';

interface Asked {
  readonly brought: Brought;
  readonly entries: readonly LedgerEntry[];
  readonly stands: readonly StandSummary[];
  readonly aheadMs: number | undefined;
}

/** What finds the shots of files: what they tell of themselves, and stands without what only weighs. */
function toMatch(asked: Asked | null): FilesToMatch {
  if (!asked) return { files: [], entries: [], stands: [] };
  const { brought, entries, stands, aheadMs } = asked;
  return {
    files: brought.files.map(({ name, tells }, index) => ({ name, tells, index })),
    entries,
    stands: stands.map(({ document: { stand } }) => ({ ...stand, picture: undefined })),
    aheadMs,
  };
}

/** A file that was read, with its picture in little. */
interface ReadFile extends ShotFile {
  readonly small: string | null;
}

interface Brought {
  readonly files: readonly ReadFile[];
  readonly refused: readonly string[];
  readonly of: number;
}

const MINUTE = 60_000;

/** Files of an outing, many at once: each finds its shot by time and settings, what departs is named, and none is thrown away. */
export function FilesPart({ entries }: { entries: readonly LedgerEntry[] }) {
  const input = useRef<HTMLInputElement>(null);
  const { brought, bring, clear } = useBrought();
  const [aheadMs, setAhead] = useState<number | undefined>(undefined);
  const take = useTakeFiles();
  const done = brought && brought.files.length + brought.refused.length === brought.of;
  const stands = useWorkspaceState((s) => s.stands);
  const asked = useMemo(
    () => (done && brought ? { brought, entries, stands, aheadMs } : null),
    [done, brought, entries, stands, aheadMs],
  );
  const { output: matches, fault } = useAsked('match', () => toMatch(asked), asked);
  return (
    <section aria-labelledby="files" className="space-y-3">
      <h2 id="files" className="text-lg font-semibold">
        Files to shots
      </h2>
      <p className="max-w-xl text-quiet">{LEDGER_TEXT.homeFilesCardOnce}</p>
      <input
        ref={input}
        type="file"
        multiple
        accept={PHOTO_FILES}
        aria-label="Files of shots"
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const files = [...(e.target.files ?? [])];
          e.target.value = '';
          setAhead(undefined);
          if (files.length) void bring(files);
        }}
      />
      {brought && !done && (
        <p role="status" className="text-quiet">
          {brought.files.length + brought.refused.length} of {brought.of} files…
        </p>
      )}
      {!brought && <Button onClick={() => input.current?.click()}>Bring in files</Button>}
      {asked && !matches && (
        <p role="status" className="text-quiet">
          {fault ? LEDGER_TEXT.theirShotsCouldNot(fault) : 'Finding their shots…'}
        </p>
      )}
      {matches && (
        <Found
          matches={matches}
          refused={brought?.refused ?? []}
          onAhead={setAhead}
          onTake={() => {
            take(matches, brought?.files ?? []);
            clear();
          }}
          onLeave={clear}
        />
      )}
    </section>
  );
}

interface FoundProps {
  readonly matches: FileMatches;
  readonly refused: readonly string[];
  readonly onAhead: (ms: number) => void;
  readonly onTake: () => void;
  readonly onLeave: () => void;
}

/** What was found of the files, by the clock as it is thought to be off. */
function Found({ matches, refused, onAhead, onTake, onLeave }: FoundProps) {
  return (
    <div className="space-y-3 border border-edge p-3">
      <p>{clockOffText(matches)}</p>
      <ParsedField
        label={LEDGER_TEXT.camerasClockAheadMinutes}
        text={
          matches.aheadMs === null
            ? ''
            : String(Math.round((10 * matches.aheadMs) / MINUTE) / 10).replace('-', '−')
        }
        parse={(text) => {
          const minutes = typedNumber(text);
          return minutes === null
            ? { ok: false, error: 'Type minutes; behind is negative.' }
            : { ok: true, value: minutes };
        }}
        onValue={(minutes) => onAhead(minutes * MINUTE)}
      />
      <List title="Found their shot" lines={matches.matched.map((m) => [m.file.name, matchedText(m)])} />
      <List
        title={LEDGER_TEXT.noShotButMade}
        lines={matches.beside.map((b) => [b.file.name, b.stand.name || 'without a name'])}
      />
      <List
        title="Found none"
        lines={[
          ...matches.unmatched.map((f) => [f.name, f.tells.takenAt ? '' : 'it tells no time'] as const),
          ...refused.map((text) => ['', text] as const),
        ]}
      />
      <div className="flex flex-wrap gap-2">
        {matches.matched.length + matches.beside.length > 0 && (
          <Button kind="action" onClick={onTake}>
            Take {matches.matched.length + matches.beside.length} so
          </Button>
        )}
        <Button kind="quiet" onClick={onLeave}>
          Leave them
        </Button>
      </div>
    </div>
  );
}

function List({ title, lines }: { title: string; lines: readonly (readonly [string, string])[] }) {
  if (!lines.length) return null;
  return (
    <div>
      <h3 className="text-sm text-quiet">{title}</h3>
      <ul aria-label={title}>
        {lines.map(([name, text]) => (
          <li key={`${name} ${text}`} className="border-b border-rule py-1.5">
            <span className="font-semibold">{name}</span> {text}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** The files that are being brought in, one after another in the worker. */
function useBrought() {
  const { clients } = useWorkspace();
  const [brought, setBrought] = useState<Brought | null>(null);
  const stop = useRef<() => void>(() => undefined);
  useEffect(() => () => stop.current(), []);
  const bring = async (files: readonly File[]) => {
    const client = clients.picture();
    let isOn = true;
    stop.current = () => {
      isOn = false;
      client.dispose();
    };
    setBrought({ files: [], refused: [], of: files.length });
    for (const file of files) {
      // a card that is pulled while it is read loses its own files only
      const bytes = await file.arrayBuffer().catch(() => null);
      const result = bytes && (await client.request({ bytes, name: file.name }));
      if (!isOn) return;
      const read = result?.type === 'done' && result.output.ok ? result.output : null;
      const small = read && !read.picture.coding ? await inLittle(read.stored) : null;
      if (!isOn) return;
      setBrought((was) => {
        if (!was) return was;
        if (read) return { ...was, files: [...was.files, { name: file.name, tells: read.data, small }] };
        const fault =
          result?.type === 'done' && !result.output.ok ? result.output.fault : result ? 'failed' : 'gone';
        return { ...was, refused: [...was.refused, photoFaultText(fault, file.name)] };
      });
    }
    client.dispose();
  };
  return { brought, bring, clear: () => setBrought(null) };
}

/** Pixels along the longer side of a picture in little. */
const SIDE = 112;

/** A picture in little as an address of its own; null where it comes out too large, or cannot be drawn. */
async function inLittle({ bytes, type }: StoredPhoto): Promise<string | null> {
  try {
    const image = await createImageBitmap(new Blob([bytes], { type }));
    const scale = SIDE / Math.max(image.width, image.height);
    const canvas = document.createElement('canvas');
    canvas.width = Math.round(image.width * scale);
    canvas.height = Math.round(image.height * scale);
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height);
    image.close();
    const address = canvas.toDataURL('image/jpeg', 0.6);
    return address.length <= MAX_SMALL ? address : null;
  } catch {
    return null;
  }
}

/** Keeps what files tell with their shots; what is of none becomes a shot of its stand, as the slip would have had it. */
function useTakeFiles(): (matches: FileMatches, read: readonly ReadFile[]) => void {
  const { workspace } = useWorkspace();
  const bag = useBag();
  const newId = useNewId();
  return ({ matched, beside }, read) => {
    const keptOf = (file: ShotFile) => {
      const small = read[file.index ?? -1]?.small;
      return {
        name: file.name.slice(0, 200),
        ...(file.tells.takenAt ? { takenAt: file.tells.takenAt } : {}),
        ...(small ? { small } : {}),
      };
    };
    const record = (standId: string, change: (document: StandDocument) => Stand) =>
      workspace.open(standId)?.record((document) => withStand(document, change(document), bag));
    for (const { file, entry, departs } of matched)
      record(entry.standId, ({ stand }) => withFile(stand, entry.take.id, keptOf(file), departs));
    for (const { file, stand: near, at } of beside)
      record(near.id, (document) => {
        const take = shotBySlip(document, bag, newId('k'), at);
        if (!take) return document.stand;
        const departs = otherSettings(file.tells.exposure, take);
        return withFile(withTake(document.stand, take), take.id, keptOf(file), departs);
      });
    const count = matched.length + beside.length;
    toast(`${count} ${count === 1 ? 'file stands' : 'files stand'} with their shots.`);
  };
}
