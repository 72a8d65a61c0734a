import { useCommandState } from './commands';
import { Dialog } from './dialog';

export interface Shortcut {
  readonly keys: string;
  readonly name: string;
}

/** The keys that work here: those of the commands, and those of the things that have the focus. */
export function Shortcuts({ beside }: { beside: readonly { title: string; keys: readonly Shortcut[] }[] }) {
  const { groups, setOpen } = useCommandState();
  const own = [...groups.values()].reverse().map(({ title, commands }) => ({
    title,
    keys: commands.flatMap(({ name, keys }) => (keys ? [{ name, keys }] : [])),
  }));
  return (
    <Dialog title="Shortcuts" open onClose={() => setOpen(null)}>
      <div
        tabIndex={0}
        className="min-h-0 space-y-4 overflow-y-auto px-5 py-4"
        aria-label="List of shortcuts"
        role="region"
      >
        {[...own, ...beside]
          .filter(({ keys }) => keys.length)
          .map(({ title, keys }) => (
            <section key={title}>
              <h3 className="mb-1 text-sm text-quiet">{title}</h3>
              <dl className="grid grid-cols-[minmax(7.5rem,auto)_1fr] gap-x-4 gap-y-1">
                {keys.map(({ keys: combination, name }) => (
                  <div key={name} className="contents">
                    <dt className="font-mono">{combination}</dt>
                    <dd>{name}</dd>
                  </div>
                ))}
              </dl>
            </section>
          ))}
      </div>
    </Dialog>
  );
}
