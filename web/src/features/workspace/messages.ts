import { speaker } from '../../language/intl';

export const say = speaker({
  occasions: '{n, plural, =0 {no occasion yet} one {# occasion} other {# occasions}}',
  pieces: '{n, number}{undecided, plural, =0 {} other { · # undecided}}',
  colours: '{n, plural, one {# colour} other {# colours}}',
  capsule: '{n, plural, =0 {plan one} other {# saved}}',
  within: 'from',
  wholeWardrobe: 'the whole wardrobe',
  rules:
    '{changed, plural, =0 {{rulings, plural, =0 {as usual} other {}}} other {# changed}}{rulings, plural, =0 {} one {{changed, plural, =0 {} other { · }}# decision} other {{changed, plural, =0 {} other { · }}# decisions}}',
  openReading: '{total} outfits ›',
  places: '{n, plural, one {# place} other {# places}}',
  away: '{n, plural, one {# piece is} other {# pieces are}} away',
  awayCounted: 'and counted all the same.',
  waiting:
    '{n, plural, one {# piece waits for a repair or for cleaning and is} other {# pieces wait for a repair or for cleaning and are}} in no outfit until then.',
  noOutfit: '{n, plural, one {# piece is} other {# pieces are}} in no outfit: {names}.',
  others: 'Of the others, {piece},',
  dip: 'Take one piece unseen for each place that must be filled:',
  picksShare: '{share} in 100',
  picksOf: 'would do,',
  help: 'Help',
  skip: 'Skip to the stage',
  missing: 'For the first outfit you still need {what}.',
  need: '{slot, select, top {a top} bottom {a bottom} onepiece {a one-piece} drape {a drape} underskirt {an underskirt} shoes {shoes} other {{slot}}}',
});
