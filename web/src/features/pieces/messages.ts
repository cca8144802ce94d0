import { speaker } from '../../language/intl';

export const say = speaker({
  addColour: 'Add a colour',
  // entry line
  waiting:
    '{n, plural, one {This line waits} other {# lines wait}} for the server. {n, plural, one {It is} other {They are}} kept here, and saved as soon as it answers.',
  trySending: 'Try now',
  dropLine: 'Do not save “{line}”',
  leave: 'Some lines are not saved yet.',
  refused: '“{line}” was not saved: {why}',
  editLine: 'Edit',
  // unclear words
  unclear: 'Not clear yet on {piece}',
  word: '“{word}”?',
  meansWord: 'On {piece}, “{word}” means {reading}',
  leaveNote: 'keep as a note',
  leaveNoteOf: 'Keep “{word}” as a note on {piece}',
  askColour: 'which colour?',
  askColourOf: 'Colour of {piece}',
  askKind: 'what is it?',
  askKindOf: 'Kind of {piece}',
  changeKind: '{kind}, change the kind',
  findKind: 'shirt, jeans, loafers …',
  noKind: 'No kind is called that.',
  // sets
  makeSet: 'make them a set',
  setMade: 'Set created: {label}',
  chosen: '{n, plural, one {# piece} other {# pieces}} selected',
  clearSelection: 'Clear selection',
  // paste
  needsKind: 'doesn’t say what kind of piece it is',
  perhaps: 'perhaps {reading}?',
  saveLines: 'Save {n, plural, one {# piece} other {# pieces}}',
  heldBack:
    '{n, plural, one {# line is} other {# lines are}} not saved yet: {n, plural, one {it doesn’t} other {they don’t}} say what kind of piece it is.',
  linesSaved: 'Saved: {n, plural, one {# piece} other {# pieces}}',
  colourOpen: 'no colour given',
  // changes of several pieces
  changedPieces: 'Changed: {n, plural, one {# piece} other {# pieces}}',
  deletedPieces: 'Deleted: {n, plural, one {{label}} other {# pieces}}',
  rowsSaved: '{n, plural, one {# row} other {# rows}} saved',
  // conflict
  conflictTitle: 'Somebody else changed this piece',
  conflictWhat: 'Your change is not saved yet. Choose which version to keep.',
  attribute: 'attribute',
  yours: 'yours',
  theirs: 'theirs',
  derived: 'not set',
  aSet: 'a set',
  shown: '{n, plural, one {# piece} other {# pieces}}',
  ways: 'Many ways to wear it',
  build: 'Build an outfit on it',
  keepTheirs: 'Keep theirs',
  overwrite: 'Overwrite with mine',
});
