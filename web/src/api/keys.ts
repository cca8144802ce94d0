/** The key of an answer: its name, the client it is about, and whatever else it depends on. Shorter keys name all that begin so. */
const named =
  (name: string) =>
  (...of: unknown[]) => [name, ...of];

/**
 * The keys of all cached answers in one place, so that a change can name the answers to be loaded again. Those of a
 * client begin with its id.
 */
export const keys = {
  session: named('session'),
  clients: named('clients'),
  kinds: named('kinds'),
  vocabulary: named('vocabulary'),
  places: named('places'),
  occasionTemplates: named('occasion-templates'),
  camera: named('camera'),
  drawing: named('drawing'),
  entry: named('entry'),
  lines: named('lines'),
  ruleExamples: named('examples'),

  client: named('client'),
  document: named('document'),
  pieces: named('pieces'),
  photos: named('photos'),
  story: named('story'),
  visits: named('visits'),
  worn: named('worn'),
  forecast: named('forecast'),
  brief: named('brief'),
  rules: named('rules'),
  overrides: named('overrides'),
  palette: named('palette'),
  capsules: named('capsules'),
  capsuleFigures: named('capsule-figures'),
  savedOutfits: named('saved-outfits'),
  formulas: named('formulas'),
  formulaOf: named('formula-of'),
  formulaMatches: named('keeping'),
  missingPiece: named('missing-piece'),
  outfits: named('outfits'),
  ways: named('ways'),
  changes: named('changes'),
  paths: named('paths'),
  judgement: named('judge'),
  whyNot: named('why'),
  suits: named('suits'),
  nextSuit: named('next-suit'),
  registers: named('registers'),
};
