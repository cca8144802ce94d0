// @vitest-environment jsdom
import { describe, expect, it } from 'vitest';
import type { RuleView } from '../../api/client';
import { settingsOf, isChanged } from './freshness';

const rule = {
  softened: false,
  schools: [{ id: 'metals', studio: null, client: null }],
  parameters: [{ name: 'clear-from', studio: null, client: null }],
} as unknown as RuleView;

describe('what of a rule changes the figures', () => {
  it.each<[string, Partial<RuleView>, boolean]>([
    ['softening it', { softened: true }, true],
    ['a school of the client', { schools: [{ ...rule.schools[0]!, client: 'mixed' }] }, true],
    ['a number of the client', { parameters: [{ ...rule.parameters[0]!, client: 3 }] }, true],
    ['a school of the studio', { schools: [{ ...rule.schools[0]!, studio: 'mixed' }] }, false],
  ])('%s', (_, change, ofTheClient) => {
    const held = { ...rule, ...change };
    expect(settingsOf(held)).not.toEqual(settingsOf(rule));
    expect(isChanged(held)).toBe(ofTheClient);
  });

  it('not how often it speaks', () => {
    const spoken = { ...rule, faults: 7 } as unknown as RuleView;
    expect(settingsOf(spoken)).toEqual(settingsOf(rule));
    expect(isChanged(spoken)).toBe(false);
  });
});
