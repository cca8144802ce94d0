/** Trade and product terms explained on the help page, in its order. */
export const glossary = {
  outfit: {
    word: 'Outfit',
    short: 'Everything that is worn at once, judged against the rules, the occasion and the weather.',
    more: 'Two outfits count as different when they differ in what you chose to include: see “what to include”.',
  },
  base: {
    word: 'Base',
    short: 'A top with a bottom, a one-piece, or a drape: what an outfit is built on.',
    more: 'The number of bases says most about a wardrobe. All other figures grow from it.',
  },
  include: {
    word: 'What to include',
    short: 'Which pieces tell two outfits apart: bases only, with layers, with shoes, or with everything on.',
    more: 'The more is included, the larger the figure and the less it says: a belt or a scarf multiplies everything. Pieces that are not included are still put on where an outfit needs them.',
  },
  places: {
    word: 'Places on the body',
    short: 'Top, bottom, shoes, bag and so on: one piece sits in each.',
    more: 'A cardigan may be worn as a top or as a layer; in one outfit it sits in one place.',
  },
  works: {
    word: 'Works',
    short: 'An outfit the rules have nothing serious against.',
    more: 'Small remarks are allowed. What stops an outfit at once is what the client will not or cannot wear, the dress code, and what cannot be put on at all.',
  },
  bold: {
    word: 'Bold',
    short: 'Breaks one convention: right for somebody who means it.',
    more: 'Bold outfits are left out unless you ask for them under “how strict”.',
  },
  strict: {
    word: 'How strict',
    short: 'Whether only outfits that work count, or bold ones too.',
    more: '',
  },
  unchecked: {
    word: 'Combinations before checking',
    short: 'Every way of putting the pieces together, before any rule is asked.',
    more: 'It is what is usually quoted as the size of a wardrobe. The share that works is the truth about it.',
  },
  randomPicks: {
    word: 'Random picks',
    short: 'How often it would do to take one piece unseen for each place that must be filled.',
    more: 'A high share means that the client can dress without thinking.',
  },
  year: {
    word: 'All year',
    short: 'Every outfit that works in at least one season, each counted once.',
    more: 'It is therefore never below the figure of a single season.',
  },
  noWeather: {
    word: 'No weather',
    short: 'Counted as if it were neither warm nor cold, wet nor dry.',
    more: '',
  },
  plus: {
    word: 'Plus points',
    short: 'What speaks for an outfit: a colour that comes again, a clear contrast, a whole suit.',
    more: '',
  },
  weakest: {
    word: 'Weakest',
    short: 'The piece that is in the fewest outfits; pieces in no outfit at all are named first.',
    more: '',
  },
  away: {
    word: 'Away',
    short: 'At the cleaner’s, lent, being altered: counted all the same, as it will be back.',
    more: 'An outfit for a certain day leaves out what is not back by then.',
  },
  formality: {
    word: 'Formality',
    short: 'From 1 to 7: lounge, casual, smart casual, business casual, business, cocktail, formal.',
    more: '',
  },
} as const;

export type Term = keyof typeof glossary;
