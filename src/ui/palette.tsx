import { Command as Cmdk } from 'cmdk';
import { useCommandState } from './commands';
import { answersByWords } from './word-search';
import { Dialog } from './dialog';

/** Between a name and what tells it from others of that name. */
const APART = ' | ';

/** How well something answers to what is typed: by its own name, else by what else it may be called; 0 for not at all. */
function answer(value: string, typed: string, keywords?: string[]): number {
  const [name = ''] = value.split(APART);
  if (answersByWords(name, typed)) return 1;
  return answersByWords([name, ...(keywords ?? [])].join(' '), typed) ? 0.5 : 0;
}

/**
 * Everything that can be done here, found by typing a part of its name.
 *
 * @param ask what the empty field says
 * @param none what is said where nothing goes by that name
 */
export default function Palette({ ask, none }: { ask: string; none: string }) {
  const { groups, setOpen } = useCommandState();
  return (
    <Dialog title="What to do" open onClose={() => setOpen(null)} hideTitle>
      <Cmdk label="What to do" className="flex min-h-0 flex-col" loop filter={answer}>
        <Cmdk.Input
          autoFocus
          placeholder={ask}
          className="min-h-14 w-full border-b border-rule bg-transparent px-5 text-lg placeholder:text-quiet focus:outline-none"
        />
        <Cmdk.List className="min-h-0 flex-1 overflow-y-auto p-2">
          <Cmdk.Empty className="px-3 py-4 text-quiet">{none}</Cmdk.Empty>
          {[...groups.values()].reverse().map(({ title, commands }) => (
            <Cmdk.Group
              key={title}
              heading={title}
              className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-3 [&_[cmdk-group-heading]]:pb-1 [&_[cmdk-group-heading]]:text-sm [&_[cmdk-group-heading]]:text-quiet"
            >
              {commands.map(({ name, also, keys, run }, i) => (
                <Cmdk.Item
                  key={`${name} ${i}`}
                  value={`${name}${APART}${title} ${i}`}
                  keywords={also ? [also] : []}
                  onSelect={() => {
                    setOpen(null);
                    run();
                  }}
                  className="flex min-h-11 cursor-pointer items-center gap-3 rounded px-3 data-[selected=true]:bg-ink data-[selected=true]:text-panel"
                >
                  <span className="min-w-0 flex-1 truncate">{name}</span>
                  {keys && <kbd className="font-mono text-sm">{keys}</kbd>}
                </Cmdk.Item>
              ))}
            </Cmdk.Group>
          ))}
        </Cmdk.List>
      </Cmdk>
    </Dialog>
  );
}
