import { speaker } from '../../app/intl';

export const say = speaker({
  addTo: 'Add a colour to {part}',
});
