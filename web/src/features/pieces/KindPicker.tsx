import { Command } from 'cmdk';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { say } from './messages';
import { useVocabulary } from './queries';

interface Props {
  label: string;
  className: string;
  onPick: (kind: string) => void;
}

/** One of all the kinds, found by its name or by another word for it. */
export function KindPicker({ label, className, onPick }: Props) {
  const kinds = useVocabulary().data?.kinds ?? [];
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger aria-label={label} className={className}>
        {say('askKind')}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          collisionPadding={12}
          aria-label={label}
          className="z-30 w-64 border border-line bg-sheet p-2 shadow-md"
        >
          <Command label={label}>
            <Command.Input
              placeholder={say('findKind')}
              className="min-h-8 w-full border border-line bg-paper px-2"
            />
            <Command.List className="mt-1 max-h-64 overflow-y-auto">
              <Command.Empty className="px-2 py-1 text-soft">{say('noKind')}</Command.Empty>
              {kinds.map((kind) => (
                <Command.Item
                  key={kind.id}
                  value={kind.name}
                  onSelect={() => {
                    onPick(kind.name);
                    setOpen(false);
                  }}
                  className="min-h-7 cursor-default px-2 py-1 data-[selected=true]:bg-rail"
                >
                  {kind.name}
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
