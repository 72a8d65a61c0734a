import { type LucideIcon } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { type ReactNode } from 'react';

export interface MenuItem {
  readonly text: string;
  readonly icon: LucideIcon;
  readonly isDisabled?: boolean;
  readonly onSelect: () => void;
}

export interface MenuProps {
  /** What the button that opens it is called, and shows. */
  label: string;
  children: ReactNode;
  /** Groups of things to do, with a rule between them. */
  groups: readonly (readonly MenuItem[])[];
  className?: string;
}

/** Things to do that have no button of their own. */
export function Menu({ label, children, groups, className = '' }: MenuProps) {
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger aria-label={label} title={label} className={className}>
        {children}
      </DropdownMenu.Trigger>
      {/* inside the page's main part, so that what it holds belongs to a landmark */}
      <DropdownMenu.Portal container={document.getElementById('main')}>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          collisionPadding={8}
          className="z-50 max-h-(--radix-dropdown-menu-content-available-height) min-w-60 overflow-y-auto rounded-md border border-ink bg-panel p-1"
        >
          {groups
            .filter((group) => group.length)
            .map((group, i) => (
              <DropdownMenu.Group
                key={i}
                className="border-rule not-first:border-t not-first:mt-1 not-first:pt-1"
              >
                {group.map(({ text, icon: Icon, isDisabled, onSelect }) => (
                  <DropdownMenu.Item
                    key={text}
                    disabled={isDisabled ?? false}
                    onSelect={onSelect}
                    className="flex min-h-11 cursor-pointer items-center gap-3 rounded px-3 data-[disabled]:opacity-40 data-[highlighted]:bg-chosen data-[highlighted]:outline-2 data-[highlighted]:-outline-offset-2 data-[highlighted]:outline-action"
                  >
                    <Icon size={18} aria-hidden />
                    {text}
                  </DropdownMenu.Item>
                ))}
              </DropdownMenu.Group>
            ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
