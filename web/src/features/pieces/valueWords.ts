import { words } from '../../language/format';

/** A value in document form as people read it: words without hyphens, lists with commas, amounts with their currency. */
export function valueWords(value: unknown): string {
  if (Array.isArray(value)) {
    return value.map(valueWords).join(', ');
  }
  if (value !== null && typeof value === 'object') {
    const parts = value as Record<string, unknown>;
    return 'fibre' in parts
      ? `${valueWords(parts.fibre)} ${String(parts.percent)} %`
      : Object.values(parts).map(valueWords).join(' ');
  }
  return typeof value === 'string' && /^[a-z]+(-[a-z]+)+$/.test(value) ? words(value) : String(value);
}
