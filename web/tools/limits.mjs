// Writes the limits of fields that the server publishes to src/api/limits.ts, so that forms need not repeat them; with --check, fails on a difference.
import { readFileSync, writeFileSync } from 'node:fs';

const output = new URL('../src/api/limits.ts', import.meta.url);
const read = (path) => JSON.parse(readFileSync(new URL(path, import.meta.url), 'utf8'));
const bounds = ['minLength', 'maxLength', 'minimum', 'maximum'];

/** The limits of an object's fields; null where none has any. */
function limitsOf(schema) {
  const fields = Object.entries(schema?.properties ?? {}).flatMap(([name, field]) => {
    const plain = field.anyOf?.find((one) => one.type && one.type !== 'null') ?? field;
    const found = bounds.filter((bound) => plain[bound] !== undefined).map((bound) => [bound, plain[bound]]);
    return found.length > 0 ? [[name, Object.fromEntries(found)]] : [];
  });
  return fields.length > 0 ? Object.fromEntries(fields) : null;
}

const wardrobe = read('../../docs/wardrobe.schema.json').properties;
const found = {
  ...Object.fromEntries(
    Object.entries(read('../src/api/openapi.json').components.schemas)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([name, schema]) => [name, limitsOf(schema)])
      .filter(([, limits]) => limits),
  ),
  occasion: limitsOf(
    wardrobe.brief.properties.occasions.anyOf?.[0].items ?? wardrobe.brief.properties.occasions.items,
  ),
  need: limitsOf(wardrobe.brief.properties.needs.anyOf?.[0].items ?? wardrobe.brief.properties.needs.items),
  override: limitsOf(wardrobe.overrides.items),
  savedOutfit: limitsOf(wardrobe.outfits.items),
};
const text = `/* Limits of fields as the server publishes them, in the OpenAPI document and the schema of the wardrobe document. Written by tools/limits.mjs; not edited. */
export const limits = ${JSON.stringify(found, null, 2)} as const;
`;

if (process.argv.includes('--check')) {
  if (readFileSync(output, 'utf8') !== text) {
    console.error('src/api/limits.ts is out of date; run npm run api.');
    process.exit(1);
  }
} else {
  writeFileSync(output, text);
}
