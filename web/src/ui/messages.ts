import { speaker } from '../language/intl';

export const say = speaker({
  name: 'Name',
  tooLong: 'At most {most, number} characters.',
  outside: 'A whole number from {least, number} to {most, number}.',
  nameMissing: 'Give it a name.',
  notes: 'Notes',
  cancel: 'Cancel',
  close: 'Close',
  save: 'Save',
});
