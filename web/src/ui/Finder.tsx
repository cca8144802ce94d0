import { Command } from 'cmdk';
import { Popover } from 'radix-ui';
import { type ReactNode, useState } from 'react';

interface Item {
  id: string;
  name: string;
}

interface Props<T extends Item> {
  label: string;
  items: readonly T[];
  placeholder: string;
  /** Shown when nothing is found. */
  none: string;
  className: string;
  /** What opens it. */
  children: ReactNode;
  /** Shown before an item's name. */
  before?: (item: T) => ReactNode;
  onPick: (item: T) => void;
}

/** One of many, found by typing part of its name. */
export function Finder<T extends Item>(props: Props<T>) {
  const { label, items, placeholder, none, className, children, before, onPick } = props;
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger aria-label={label} className={className}>
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          collisionPadding={12}
          aria-label={label}
          className="z-30 w-72 border border-line bg-sheet p-2 shadow-md"
        >
          <Command label={label}>
            <Command.Input
              placeholder={placeholder}
              className="min-h-8 w-full border border-line bg-paper px-2"
            />
            <Command.List className="mt-1 max-h-64 overflow-y-auto">
              <Command.Empty className="px-2 py-1 text-soft">{none}</Command.Empty>
              {items.map((item) => (
                <Command.Item
                  key={item.id}
                  value={`${item.name} ${item.id}`}
                  onSelect={() => {
                    onPick(item);
                    setOpen(false);
                  }}
                  className="flex min-h-7 cursor-default items-center gap-2 px-2 py-1 data-[selected=true]:bg-rail pointer-coarse:min-h-11"
                >
                  {before?.(item)}
                  {item.name}
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
