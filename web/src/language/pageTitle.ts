import { useEffect } from 'react';
import { common } from './text';

/** The title of the window: the page first, then whose it is. */
export function usePageTitle(...parts: (string | undefined)[]) {
  const title = [...parts.filter(Boolean), common.product].join(' · ');
  useEffect(() => {
    document.title = title;
  }, [title]);
}
