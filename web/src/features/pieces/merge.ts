type Attributes = Record<string, unknown>;

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** The attributes in which two differ. */
export function differing(one: Attributes, other: Attributes): string[] {
  return [...new Set([...Object.keys(one), ...Object.keys(other)])].filter(
    (name) => !same(one[name], other[name]),
  );
}

/**
 * What somebody else saved with the changes of one's own on top, and the attributes both have changed to something else. A
 * piece both began from is needed to tell who changed what.
 */
export function merged(base: Attributes, mine: Attributes, theirs: Attributes) {
  const both: Attributes = { ...theirs };
  const changed = differing(base, mine);
  for (const name of changed) {
    if (name in mine) {
      both[name] = mine[name];
    } else {
      delete both[name];
    }
  }
  const contested = changed.filter(
    (name) => !same(base[name], theirs[name]) && !same(mine[name], theirs[name]),
  );
  return { both, contested };
}
