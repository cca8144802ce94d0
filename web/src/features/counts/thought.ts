import type { WhatIf } from '../../api/client';
import { type HouseRules } from '../rules';

/** Hypothetical changes, as shown on screen. */
export interface Thought {
  without: string[];
  lines: string[];
  changed: { id: string; attribute: string; value: string }[];
  schools: Record<string, string>;
  /** Null for the context as it is. */
  season: string | null;
  occasion: string | null;
  daring: boolean | null;
}

export const nothing: Thought = {
  without: [],
  lines: [],
  changed: [],
  schools: {},
  season: null,
  occasion: null,
  daring: null,
};

export function isNothing(thought: Thought): boolean {
  return (
    thought.without.length + thought.lines.length + thought.changed.length === 0 &&
    Object.keys(thought.schools).length === 0 &&
    thought.season === null &&
    thought.occasion === null &&
    thought.daring === null
  );
}

/** The document form; changes of one piece come together, and the rules with everything else that is set for the client. */
export function toWhatIf(thought: Thought, now: HouseRules): WhatIf {
  const whatIf: WhatIf = {};
  if (thought.without.length) {
    whatIf.without = thought.without;
  }
  if (thought.lines.length) {
    whatIf.lines = thought.lines;
  }
  const changed = new Map<string, { id: string; [attribute: string]: unknown }>();
  thought.changed.forEach(({ id, attribute, value }) => {
    changed.set(id, {
      ...(changed.get(id) ?? { id }),
      [attribute]: attribute === 'colours' ? [value] : value,
    });
  });
  if (changed.size) {
    whatIf.changed = [...changed.values()];
  }
  if (Object.keys(thought.schools).length) {
    whatIf.house = { ...now, schools: { ...now.schools, ...thought.schools } };
  }
  return whatIf;
}
