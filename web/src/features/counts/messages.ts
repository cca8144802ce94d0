import { speaker } from '../../language/intl';

export const say = speaker({
  noNewOutfits: 'No new outfits: “{piece}” is one more choice for {n, number} of those there are.',
  choiceFor: 'a choice for {n, number}',
});
