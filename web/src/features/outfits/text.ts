/** Texts of these screens. */
export const text = {
  changes: {
    title: 'What would mend it',
    add: 'add',
  },
  outfits: {
    title: 'Outfits',
    all: 'all outfits in this context',
    onlyDaring: 'bold ones only',
    empty: 'No outfit works in this context.',
    more: 'Show more',
    clear: 'Show all outfits',
    order: 'listed',
    orders: {
      best: 'best first and varied',
      credits: 'by plus points',
      stable: 'in the order of the wardrobe',
    },
    speaks: {
      echo: 'colour comes again',
      contrast: 'clear contrast',
      surface: 'two surfaces',
      'third-piece': 'jacket as third piece',
      'whole-suit': 'whole suit',
      'knit-over-shirt': 'knit over shirt',
      plain: 'plain and complete',
      'one-gesture': 'one gesture',
      'one-room': 'pieces that belong together',
      favourites: 'favourites',
    } as Record<string, string>,
  },
} as const;
