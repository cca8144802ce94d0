import { useEffect } from 'react';

/** Where the focus was: an element, what it stood in, and the place it had there. */
type Path = { element: Element; place: number }[];

const overlays = '[role=dialog], [role=alertdialog], [role=menu], [role=listbox]';
const focusable =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), [tabindex="0"]';

function pathOf(element: Element): Path {
  const path: Path = [];
  for (let at: Element | null = element; at && at !== document.body; at = at.parentElement) {
    path.push({ element: at, place: Array.prototype.indexOf.call(at.parentElement?.children ?? [], at) });
  }
  return path;
}

const canHold = (element: Element) => element.isConnected && !element.matches(':disabled');

/**
 * Of what is left of a path, the place nearest to its end: the next of the same list, or what the list stood in. A page
 * that took another's place begins at its top.
 */
function nearest(path: Path): HTMLElement | null {
  const main = document.querySelector('main');
  const left = path.findIndex(({ element }) => canHold(element));
  const element = path[left]?.element;
  if (!element || (element !== main && element.contains(main))) {
    return main;
  }
  if (left === 0) {
    return element as HTMLElement;
  }
  const place = path[left - 1]!.place;
  const next = element.children[Math.min(place, element.children.length - 1)];
  for (const root of [next, element]) {
    const found = root?.matches(focusable) ? root : root?.querySelector(focusable);
    if (found) {
      return found as HTMLElement;
    }
  }
  return element as HTMLElement;
}

/** Keeps the focus near where it was when what had it is deleted, closed or switched off, or a page takes another's place. */
export function useFocusNearby() {
  useEffect(() => {
    let last: Path = [];
    // before something was opened over the page
    let beneath: Path = [];
    let asked = 0;

    const note = (event: FocusEvent) => {
      const element = event.target as Element;
      last = pathOf(element);
      if (!element.closest(overlays)) {
        beneath = last;
      }
    };
    const restore = () => {
      const now = document.activeElement;
      const isLost = !now || now === document.body || now.matches(':disabled');
      if (!isLost || !last[0] || canHold(last[0].element)) {
        return;
      }
      const isClosed = last.some(({ element }) => element.matches(overlays) && !element.isConnected);
      const home = nearest(isClosed ? beneath : last);
      if (home && !home.matches(focusable)) {
        home.setAttribute('tabindex', '-1');
      }
      home?.focus({ preventScroll: home.matches('main') });
    };
    const observer = new MutationObserver(() => {
      cancelAnimationFrame(asked);
      asked = requestAnimationFrame(restore);
    });

    document.addEventListener('focusin', note);
    observer.observe(document.body, {
      childList: true,
      subtree: true,
      attributes: true,
      attributeFilter: ['disabled'],
    });
    return () => {
      document.removeEventListener('focusin', note);
      observer.disconnect();
      cancelAnimationFrame(asked);
    };
  }, []);
}
