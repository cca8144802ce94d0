/** What the API's own description says of a request, so that the stand-in server refuses what the real one refuses. */
import document from '../api/openapi.json';

interface Schema {
  $ref?: string;
  properties?: Record<string, unknown>;
  additionalProperties?: unknown;
}
type Operation = { requestBody?: { content?: Record<string, { schema?: Schema }> } };

const paths = Object.entries(document.paths as unknown as Record<string, Record<string, Operation>>).map(
  ([path, operations]) => ({
    matches: new RegExp(`^${path.replace(/\{[^}]+\}/g, '[^/]+')}$`),
    isFixed: !path.includes('{'),
    operations,
  }),
);
const schemas = document.components.schemas as unknown as Record<string, Schema>;

/** Fields of a body that the call does not know; none where its body is free. */
export function unknownFields(method: string, path: string, body: unknown): string[] {
  const call = paths.filter(({ matches }) => matches.test(path)).sort((a, b) => +b.isFixed - +a.isFixed)[0];
  const asked = call?.operations[method.toLowerCase()]?.requestBody?.content?.['application/json']?.schema;
  const schema = asked?.$ref ? schemas[asked.$ref.replace(/^.*\//, '')] : asked;
  const known = schema?.properties;
  return known && !schema.additionalProperties && typeof body === 'object' && body !== null
    ? Object.keys(body).filter((field) => !(field in known))
    : [];
}
