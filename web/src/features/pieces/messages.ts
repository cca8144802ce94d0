import { speaker } from '../../app/intl';

export const say = speaker({
  addColour: 'Add a colour',
  // entry line
  waiting:
    '{n, plural, one {This line waits} other {# lines wait}} for the server. {n, plural, one {It is} other {They are}} kept here, and saved as soon as it answers.',
  trySending: 'Try now',
  dropLine: 'Do not save “{line}”',
  leave: 'Some lines are not saved yet.',
  refused: '“{line}” was not saved: {why}',
  // unclear words
  unclear: 'Not clear yet on {piece}',
  word: '“{word}”?',
  meansWord: 'On {piece}, “{word}” means {reading}',
  leaveNote: 'leave as a note',
  leaveNoteOf: 'Leave “{word}” a note on {piece}',
  askColour: 'which colour?',
  askColourOf: 'Colour of {piece}',
  askKind: 'what is it?',
  askKindOf: 'Kind of {piece}',
  changeKind: '{kind}, change the kind',
  findKind: 'shirt, jeans, loafers …',
  noKind: 'No kind is called that.',
  // sets
  makeSet: 'make a set of them',
  setMade: 'Made: {label}',
  chosen: '{n, plural, one {# piece} other {# pieces}} selected',
  clearSelection: 'Clear selection',
  // paste
  needsKind: 'says nothing of what it is',
  perhaps: 'perhaps {reading}?',
  saveLines: 'Save {n, plural, one {# piece} other {# pieces}}',
  heldBack:
    '{n, plural, one {# line stays} other {# lines stay}} here: nothing in {n, plural, one {it} other {them}} says what the piece is.',
  linesSaved: 'Saved: {n, plural, one {# piece} other {# pieces}}',
  colourOpen: 'colour left open',
  // conflict
  conflictTitle: 'Somebody else changed this piece',
  conflictWhat: 'Your change is not saved yet. Choose which of the two stays.',
  attribute: 'what',
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
