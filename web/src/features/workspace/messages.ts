import { speaker } from '../../app/intl';

export const say = speaker({
  occasions: '{n, plural, =0 {no occasion yet} one {# occasion} other {# occasions}}',
  pieces: '{n, number}{undecided, plural, =0 {} other { · # undecided}}',
  colours: '{n, plural, one {# colour} other {# colours}}',
  capsule: '{n, plural, =0 {plan one} other {# saved}}',
  within: 'from',
  wholeWardrobe: 'the whole wardrobe',
  held: '{changed, plural, =0 {{rulings, plural, =0 {as usual} other {}}} other {# changed}}{rulings, plural, =0 {} one {{changed, plural, =0 {} other { · }}# decision} other {{changed, plural, =0 {} other { · }}# decisions}}',
  openReading: '{total} outfits ›',
  step: '{total} {what}',
  counting: 'counting {what}',
  weakest: 'bases in {month}, the weakest month',
  freshDays: '{days, plural, one {day} other {days}} before a base comes again',
});
