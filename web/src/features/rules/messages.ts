import { speaker } from '../../language/intl';

export const say = speaker({
  gone: '{id} (no longer in the wardrobe)',
});
