/** Every text of the interface in one place. */
export const text = {
  product: 'Jomble',
  tagline: 'Every outfit a wardrobe really makes, counted.',
  signIn: { title: 'Sign in', email: 'Email', password: 'Password', submit: 'Sign in', busy: 'Signing in …' },
  clients: {
    title: 'Clients',
    name: 'Name of the new client',
    add: 'Add client',
    empty: 'No client yet. Add the first one by name.',
    signOut: 'Sign out',
    pieces: 'pieces',
    noPieces: 'nothing recorded yet',
  },
  steps: { pieces: 'Pieces', outfits: 'Outfits', counts: 'Counts' },
  context: {
    season: 'season',
    occasion: 'occasion',
    counting: 'counting',
    verdict: 'verdict',
    anyOccasion: 'any occasion',
    noWeather: 'no weather',
    seasons: {
      winter: 'winter',
      spring: 'spring',
      summer: 'summer',
      autumn: 'autumn',
      year: 'all year',
    } as Record<string, string>,
    presets: { outfits: 'clothes + shoes', clothes: 'clothes' } as Record<string, string>,
    works: 'works',
    daring: 'works and daring',
    find: 'find a piece',
  },
  reading: {
    outfits: 'outfits you would wear',
    outfit: 'outfit you would wear',
    daringIncluded: 'outfits, daring ones included',
    onPaper: 'on paper',
    moreIfDaring: 'more if daring',
    ofThemDaring: 'of them daring',
    counting: 'Counting',
    cancel: 'Stop counting',
    cancelled: 'Counting was stopped; there is no figure.',
    again: 'Count again',
    failed: 'Counting failed. Nothing of the wardrobe is touched.',
    missing: 'For the first outfit you still need',
    weakest: 'Weakest',
    orphans: 'In no outfit',
    blindfold: 'Blindfold',
    why: 'Why',
  },
  pieces: {
    title: 'Pieces',
    entry: 'New piece in plain words',
    hint: 'shirt white poplin regular long sleeve 49 second hand',
    save: 'Save piece',
    notUnderstood: 'not understood',
    didYouMean: 'did you mean',
    needKind: 'Name what it is: shirt, jeans, loafers …',
    empty: 'Nothing recorded yet. Type the first piece above and press Enter.',
    noneFound: 'No piece matches. Clear the search to see all.',
    piece: 'piece',
    kind: 'kind',
    cloth: 'cloth',
    fit: 'fit',
    formality: 'formality',
    cost: 'cost',
    outfits: 'outfits',
    delete: 'Delete',
    deleted: 'Deleted',
    undo: 'Undo',
    undone: 'Taken back',
    nothingToUndo: 'There is nothing to take back.',
    saved: 'Saved',
    back: 'All pieces',
    derived: 'derived',
    set: 'set by hand',
    reset: 'Back to derived',
    saveChanges: 'Save changes',
  },
  counts: {
    title: 'What goes with what',
    sub: 'tops across bottoms · figures are outfits',
    crossing: 'crossing',
    byPiece: 'by piece',
    total: 'outfits',
    never: 'no outfit',
    pick: 'Pick a cell to see its outfits, or why there are none.',
    nearest: 'The nearest they come',
    noOutfit: 'no outfit in this context',
    open: 'Open the list',
    empty: 'The table crosses tops with bottoms. Record at least one of each to see it.',
    ranking: 'From the weakest piece up',
    orphan: 'in no outfit',
    pending: 'still counting',
  },
  outfits: {
    title: 'Outfits',
    containing: 'with',
    all: 'all outfits in this context',
    empty: 'No outfit works in this context.',
    more: 'Show more',
    of: 'of',
    clear: 'Show all outfits',
    credits: 'credits',
  },
  sheet: {
    works: 'works',
    daring: 'daring',
    no: 'does not work',
    wear: 'How to wear it',
    warm: 'Comfortable',
    from: 'from',
    peeled: 'with the layers off up to',
    reads: 'Reads as',
    formality: 'formality',
    scheme: 'scheme',
    back: 'Back to the list',
    nothing: 'Nothing to remark.',
  },
  keys: {
    title: 'Keys',
    list: [
      ['n', 'new piece'],
      ['/', 'find a piece'],
      ['[ and ]', 'step before and after'],
      ['Ctrl Z', 'take back the last change'],
      ['← →', 'along the rail, Enter opens the piece'],
      ['?', 'these keys'],
    ] as const,
  },
} as const;

/** The words of a family on the rail. */
export const familyNames: Record<string, string> = {
  'base-layer': 'base',
  top: 'tops',
  'mid-layer': 'layers',
  bottom: 'bottoms',
  'one-piece': 'one-piece',
  drape: 'drapes',
  jacket: 'jackets',
  coat: 'coats',
  shoes: 'shoes',
  legwear: 'legwear',
  accessory: 'finishing',
};

/** An attribute's name in words: sleeveVolume reads "sleeve volume". */
export function words(name: string): string {
  return name
    .replace(/([A-Z])/g, ' $1')
    .replace(/-/g, ' ')
    .toLowerCase();
}

export function join(parts: readonly string[]): string {
  if (parts.length < 2) {
    return parts.join('');
  }
  return `${parts.slice(0, -1).join(', ')} and ${parts[parts.length - 1]}`;
}

export function figure(value: number | string): string {
  return BigInt(value).toLocaleString('en-GB');
}
