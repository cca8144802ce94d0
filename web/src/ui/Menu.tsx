import { DropdownMenu } from 'radix-ui';
import type { ReactNode } from 'react';

/** What else can be done with something, behind three dots. */
export function Menu({ label, children }: { label: string; children: ReactNode }) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger aria-label={label} className="min-h-7 border border-line bg-sheet px-2">
        ⋯
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-30 min-w-52 border border-line bg-sheet py-1 shadow-md"
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

export function MenuItem({ children, onSelect }: { children: string; onSelect: () => void }) {
  return (
    <DropdownMenu.Item
      onSelect={onSelect}
      className="min-h-8 cursor-default px-3 py-1.5 data-[highlighted]:bg-rail"
    >
      {children}
    </DropdownMenu.Item>
  );
}
