import { useEffect, useRef } from 'react';

/** Whether a key belongs to what is being typed; in an empty field there is nothing to undo. */
function isTyping(target: EventTarget | null, combined: boolean): boolean {
  const field = target instanceof HTMLElement && target.matches('input, textarea, select');
  return field && !(combined && target instanceof HTMLInputElement && target.value === '');
}

/** Keys, alone or with Ctrl, for the whole workspace; silent while something is being typed. */
export function useKeys(actions: Record<string, () => void>) {
  const current = useRef(actions);
  useEffect(() => {
    current.current = actions;
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const combined = event.ctrlKey || event.metaKey;
      const shift = event.shiftKey ? 'Shift+' : '';
      const action = current.current[combined ? `Ctrl+${shift}${event.key.toLowerCase()}` : event.key];
      if (action && !event.altKey && !isTyping(event.target, combined)) {
        event.preventDefault();
        action();
      }
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
