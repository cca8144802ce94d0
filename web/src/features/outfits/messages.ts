import { speaker } from '../../app/intl';

export const say = speaker({
  choose: 'Choose this outfit: {pieces}',
  chosen: '{n, plural, =0 {none chosen} one {# chosen} other {# chosen}}',
  print: '{n, plural, =0 {Print these} other {Print # chosen}}',
  handOn: '{n, plural, =0 {Hand these on as a page} other {Hand # on as a page}}',
  clearChoice: 'Choose none',
  printed: 'Outfits for {name}',
  in: '{occasion}, {season}',
  ways: 'One piece, many ways',
  waysOf: '{piece}: many ways for {name}',
  hero: 'The piece in every look: {piece}',
  chooseHero: 'choose a piece',
  whyHero: 'Choose a piece, and see how differently it can be worn.',
  looks: 'looks',
  working: 'Looking for the ones that differ most …',
  noWay: 'No outfit works with it in this context. Its sheet says what stands in the way.',
  apart:
    'Any two differ in at least {n, plural, one {# piece} other {# pieces}}{exact, select, true {; no choice of as many differs more.} other {.}}',
  everyOutfit: 'Every outfit with it',
});
