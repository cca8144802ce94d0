import { Collapsible } from 'radix-ui';
import type { ReactNode } from 'react';

interface Props {
  /** The label of the button that shows the rest. */
  title: ReactNode;
  /** Whether it is open at first. */
  open?: boolean;
  children: ReactNode;
}

/** Content that stays hidden until it is opened. */
export function Disclosure({ title, open = false, children }: Props) {
  return (
    <Collapsible.Root defaultOpen={open}>
      <Collapsible.Trigger className="group flex min-h-6 items-baseline gap-1.5 text-left text-chalk pointer-coarse:min-h-11">
        <span
          aria-hidden="true"
          className="inline-block transition-transform group-data-[state=open]:rotate-90"
        >
          ▸
        </span>
        {title}
      </Collapsible.Trigger>
      <Collapsible.Content>{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}
