import { speaker } from '../../app/intl';

export const say = speaker({
  colourTyped: 'name or #rrggbb',
  colourFree: 'any colour',
  useColour: 'Use',
  addColour: 'Add a colour',
  addTo: 'Add a colour to {part}',
  fromWardrobe: 'from the wardrobe',
  named: 'by name',
  noColour: 'No colour is called “{typed}”.',
});
