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
  backToOutfit: 'The outfit',
  oneChange: 'One change',
  onePieceAway:
    '{n, plural, =0 {No outfit is one piece away.} one {# outfit is one piece away} other {# outfits are one piece away}}',
  nothingThere: 'nothing now',
  without: 'Without {piece}',
  elsewhere: 'To another occasion',
  carry: 'Only what fits a bag',
  chooseElsewhere: 'Choose where to: another occasion, another season, or both.',
  noWayThere: 'No outfit there is four changes away or fewer.',
  edits:
    '{n, plural, =0 {It works there as it is.} one {One change, in {ways, plural, one {one way} other {# ways}}} other {# changes, in {ways, plural, one {one way} other {# ways}}}}{more, select, true { and more} other {}}',
  takeOff: 'Take off: {piece}',
  putOn: 'Put on: {piece}',
  exchange: '{to} instead of {from}',
  everyOutfit: 'Every outfit with it',
});
