import { Tooltip } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { glossary, type Term } from '../language/glossary';

interface Props {
  /** Words of the glossary, or the explanation itself. */
  term?: Term;
  says?: string;
  children: ReactNode;
}

/** A word with a short explanation: under the pointer, with the focus, or at a touch. */
export function Explained({ term, says, children }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <Tooltip.Root open={open} onOpenChange={setOpen}>
      <Tooltip.Trigger asChild>
        <button
          type="button"
          className="min-h-6 cursor-help border-b border-dotted border-soft text-left text-inherit"
          onClick={(event) => {
            event.preventDefault();
            setOpen(true);
          }}
        >
          {children}
        </button>
      </Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content
          sideOffset={4}
          collisionPadding={12}
          className="z-50 max-w-72 border border-ink bg-sheet px-3 py-2 text-[13px] text-ink shadow-md"
        >
          {term ? glossary[term].short : says}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  );
}
