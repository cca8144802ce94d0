import { speaker } from '../../app/intl';

export const say = speaker({
  choose: 'Choose this outfit: {pieces}',
  chosen: '{n, plural, =0 {none chosen} one {# chosen} other {# chosen}}',
  print: '{n, plural, =0 {Print these} other {Print # chosen}}',
  handOn: '{n, plural, =0 {Hand these on as a page} other {Hand # on as a page}}',
  clearChoice: 'Choose none',
  printed: 'Outfits for {name}',
  in: '{occasion}, {season}',
});
