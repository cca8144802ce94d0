import type { components } from '../../api/schema';
import { speaker } from '../../language/intl';
import { dateOf, join } from '../../language/format';

type TakenBack = Pick<components['schemas']['UndoView'], 'part' | 'label' | 'date' | 'entries' | 'fields'>;

/** What a step changed, by the part of the wardrobe it changed. */
const say = speaker({
  pieces: '{n, plural, one {{label}} other {# pieces}}',
  sets: '{n, plural, one {the set {label}} other {# sets}}',
  wears: '{n, plural, one {worn on {date, date, ::dMMMM}} other {# wears}}',
  visits: '{n, plural, one {the visit on {date, date, ::dMMMM}} other {# visits}}',
  outfits: '{n, plural, one {the outfit “{label}”} other {# saved outfits}}',
  capsules: '{n, plural, one {the capsule “{label}”} other {# capsules}}',
  formulas: '{n, plural, one {the formula “{label}”} other {# formulas}}',
  overrides: '{n, plural, one {an exception to the rules} other {# exceptions to the rules}}',
  rules: 'how the rules are set',
  brief: '{fields}',
  other: 'the last change',
});

/** The lines of a brief as its page calls them. */
const lines: Record<string, string> = {
  boundaries: 'limits',
  pmvOffset: 'how warm to dress',
  heights: 'measurements',
  lengthenLeg: 'the leg line',
  photoConsent: 'consent to photos',
  hair: 'hair colour',
  skin: 'skin tone',
};

/** A step that was undone or redone, in words. */
export function takenBack({ part, label, date, entries, fields = [] }: TakenBack): string {
  const known = [
    'pieces',
    'sets',
    'wears',
    'visits',
    'outfits',
    'capsules',
    'formulas',
    'overrides',
    'rules',
  ] as const;
  const named = known.find((one) => one === part);
  if (part === 'brief' && fields.length > 0) {
    return say('brief', { fields: join(fields.map((field) => lines[field] ?? field)) });
  }
  return say(named ?? 'other', { n: entries, label: label ?? '', date: date ? dateOf(date) : undefined });
}
