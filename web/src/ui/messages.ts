import { speaker } from '../language/intl';

export const say = speaker({
  name: 'Name',
  nameLong: 'At most 80 characters.',
  notesLong: 'At most 2,000 characters.',
  nameMissing: 'Give it a name.',
  notes: 'Notes',
  cancel: 'Cancel',
  save: 'Save',
});
