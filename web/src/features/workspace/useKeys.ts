import { useEffect, useRef } from 'react';

/** Keys, alone or with Ctrl, for the whole workspace; silent while something is being typed. */
export function useKeys(actions: Record<string, () => void>) {
  const current = useRef(actions);
  useEffect(() => {
    current.current = actions;
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const typing = event.target instanceof HTMLElement && event.target.matches('input, textarea, select');
      const combined = event.ctrlKey || event.metaKey;
      const action = current.current[combined ? `Ctrl+${event.key}` : event.key];
      if (action && !event.altKey && !typing) {
        event.preventDefault();
        action();
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
