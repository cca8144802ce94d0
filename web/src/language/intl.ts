import { createIntl, createIntlCache } from 'react-intl';

/** The words of a screen, in ICU MessageFormat, by what they are for. */
export type Catalogue = Record<string, string>;

type Values = Record<string, string | number | bigint | boolean | Date | null | undefined>;

/** Says the messages of a catalogue, with numbers, plurals and dates as they are written in British English. */
export function speaker<C extends Catalogue>(messages: C) {
  const intl = createIntl({ locale: 'en-GB', messages }, createIntlCache());
  return (id: keyof C & string, values?: Values) => intl.formatMessage({ id }, values) as string;
}
