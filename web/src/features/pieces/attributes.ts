/** The attributes of a piece in the groups a stylist thinks in. */
export const groups: { title: string; names: string[] }[] = [
  {
    title: 'What it is',
    names: ['kind', 'label', 'colours', 'pattern', 'patternScale', 'show', 'size', 'fitsNow', 'quantity'],
  },
  { title: 'Cloth', names: ['cloth', 'clothWeight', 'fibres', 'sheerness', 'sheen', 'texture', 'denier'] },
  {
    title: 'Cut',
    names: [
      'fit',
      'shape',
      'hem',
      'rise',
      'neckline',
      'sleeve',
      'sleeveVolume',
      'opening',
      'construction',
      'details',
      'hemmedForHeelCm',
    ],
  },
  {
    title: 'Shoes and metal',
    names: ['heelCm', 'heelType', 'toe', 'shaft', 'shaftFit', 'metal', 'comfortMinutes'],
  },
  { title: 'How it is worn', names: ['roles', 'finishes', 'formality', 'warmthClo', 'favourite'] },
  {
    title: 'Keeping',
    names: ['decision', 'errand', 'condition', 'whereabouts', 'dueBack', 'care', 'creases', 'packs'],
  },
  { title: 'Money and wear', names: ['cost', 'acquired', 'source', 'wearsBefore'] },
  { title: 'Notes', names: ['tags', 'notes'] },
];

/** Shown although they are never derived: empty until filled in. */
export const alwaysShown = new Set([
  'cost',
  'acquired',
  'source',
  'size',
  'notes',
  'dueBack',
  'patternScale',
  'errand',
  'tags',
]);

export const decisions = [
  ['k', 'keep'],
  ['a', 'alter'],
  ['r', 'repair'],
  ['c', 'clean'],
  ['s', 'store'],
  ['p', 'part-with'],
] as const;
