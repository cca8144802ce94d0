import { speaker } from '../app/intl';

export const say = speaker({
  name: 'Name',
  nameMissing: 'Give it a name.',
  notes: 'Notes',
  cancel: 'Cancel',
  save: 'Save',
});
