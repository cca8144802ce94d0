import { speaker } from '../../language/intl';

export const say = speaker({
  pieces: '{n, plural, one {# piece} other {# pieces}}',
  addTo: 'Add a colour to {part}',
});
