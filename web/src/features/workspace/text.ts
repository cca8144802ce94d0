/** Texts of these screens. */
export const text = {
  steps: {
    brief: 'Brief',
    pieces: 'Pieces',
    palette: 'Palette',
    capsule: 'Capsule',
    outfits: 'Outfits',
    counts: 'Counts',
    rules: 'Rules',
  },
  rail: {
    sort: 'rail by',
    sorts: { family: 'family', colour: 'colour', season: 'season', count: 'count', worn: 'last worn' },
  },
} as const;
