import { speaker } from '../../language/intl';

export const say = speaker({
  title: 'Help',
  questions: 'What clients ask, and where the answer is',
  words: 'Words',
  howManyAsked: 'How many outfits do I have?',
  howManyAnswered:
    'The figures on the right of every step. The large one is the bases; press a step of the ladder to include more.',
  weakestAsked: 'Which piece earns its place least?',
  weakestAnswered: 'Under “Weakest” on the right, and in Counts, “by piece”.',
  whyNotAsked: 'Why do these two not go together?',
  whyNotAnswered: 'In Counts, press the cell where the two meet: the reasons, and the nearest they come.',
  whatIfAsked: 'What would a camel coat add?',
  whatIfAnswered: 'In Counts, “what if”: type the coat under “With”. Nothing is saved.',
  winterAsked: 'What changes in winter?',
  winterAnswered: 'Choose the season above, or see all of them side by side in Counts, “when and where”.',
  buyAsked: 'Which pieces shall I take with me, or keep?',
  buyAnswered: 'In Capsule, say how many pieces and for what, and press “Plan”.',
  about: 'For programs, and licences',
  apiReference: 'API reference',
  typefaces: 'Typefaces under the SIL Open Font License:',
});
