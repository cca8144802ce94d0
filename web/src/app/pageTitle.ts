import { useEffect } from 'react';
import { text } from './messages';

/** The title of the window: the page first, then whose it is. */
export function usePageTitle(...parts: (string | undefined)[]) {
  const title = [...parts.filter(Boolean), text.product].join(' · ');
  useEffect(() => {
    document.title = title;
  }, [title]);
}
