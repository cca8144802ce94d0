import { describe, expect, it } from 'vitest';
import { takenBack } from './takenBack';

const step = { part: 'pieces', label: '', date: '', entries: 1, fields: [] as string[] };

describe('a step that was taken back', () => {
  it.each([
    [{ label: 'navy blazer' }, 'navy blazer'],
    [{ entries: 12 }, '12 pieces'],
    [{ part: 'wears', date: '2027-01-12' }, 'worn on 12 January'],
    [{ part: 'wears', entries: 3 }, '3 wears'],
    [{ part: 'visits', date: '2027-02-04' }, 'the visit on 4 February'],
    [{ part: 'outfits', label: 'Monday' }, 'the outfit “Monday”'],
    [{ part: 'capsules', label: 'Winter' }, 'the capsule “Winter”'],
    [{ part: 'formulas', label: 'Knit and wide' }, 'the formula “Knit and wide”'],
    [{ part: 'sets', label: 'grey suit' }, 'the set grey suit'],
    [{ part: 'overrides' }, 'an exception to the rules'],
    [{ part: 'rules', fields: ['parameters'] }, 'how the rules are set'],
    [{ part: 'brief', fields: ['palette'] }, 'palette'],
    [
      { part: 'brief', fields: ['boundaries', 'notes', 'photoConsent'] },
      'limits, notes and consent to photos',
    ],
    [{ part: 'brief' }, 'the last change'],
    [{ part: 'something new' }, 'the last change'],
  ])('%j is named', (change, words) => {
    expect(takenBack({ ...step, ...change })).toBe(words);
  });
});
