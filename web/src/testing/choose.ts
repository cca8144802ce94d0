import { fireEvent } from '@testing-library/react';

/** Opens a select by keyboard and takes the option with this value. */
export function choose(select: Element, value: string) {
  // what the document of the tests lacks of a browser's
  Element.prototype.scrollIntoView ??= () => undefined;
  Element.prototype.hasPointerCapture ??= () => false;
  fireEvent.keyDown(select, { key: 'ArrowDown' });
  fireEvent.keyDown(document.querySelector(`[role=option][data-value="${value}"]`)!, { key: 'Enter' });
}
