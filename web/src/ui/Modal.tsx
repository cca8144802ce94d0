import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';
import { say } from './messages';

interface Props {
  title: string;
  open: boolean;
  wide?: boolean;
  children: ReactNode;
  onOpenChange: (open: boolean) => void;
}

/** A dialog over the page, with what it is about at its top. */
export function Modal({ title, open, wide = false, children, onOpenChange }: Props) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`fixed top-[12vh] left-1/2 z-40 max-h-[80vh] max-w-[calc(100vw-2rem)] -translate-x-1/2 overflow-auto border border-line bg-sheet p-6 ${wide ? 'w-[30rem]' : 'w-96'}`}
        >
          <Dialog.Title className="mb-3 pr-8 font-serif text-lg font-semibold">{title}</Dialog.Title>
          {children}
          {/* Last, so that what is asked has the focus first. */}
          <Dialog.Close
            aria-label={say('close')}
            className="absolute top-4 right-4 flex h-8 w-8 items-center justify-center text-lg text-soft hover:text-ink pointer-coarse:h-11 pointer-coarse:w-11"
          >
            <span aria-hidden="true">×</span>
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
