import { useMemo } from 'react';
import type { RuleView } from '../../api/client';
import { useBrief } from '../brief';
import { useSavedCapsules } from '../capsule';
import { useOverrides, useRules } from '../rules';
import { usePieces } from '../desk';

/** Another whenever anything a client's figures depend on is; empty until all of it is known. */
export function useStamp(clientId: string, withinCapsule: boolean): string {
  const pieces = usePieces(clientId).data;
  const brief = useBrief(clientId).data;
  const rules = useRules(clientId).data;
  const rulings = useOverrides(clientId).data;
  const capsules = useSavedCapsules(clientId);
  const worn = withinCapsule ? capsules.data?.map((one) => [one.id, one.worn]) : [];
  const ready = pieces && brief && rules && rulings && (capsules.data || capsules.error);
  return useMemo(
    () =>
      ready
        ? JSON.stringify([
            pieces.map((piece) => `${piece.id}:${piece.version}`),
            brief.brief,
            rules.map(settingsOf),
            rulings,
            worn,
          ])
        : '',
    // what is kept of a query is the same object until it changes; worn is new at every turn
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [ready, pieces, brief, rules, rulings, capsules.data, withinCapsule],
  );
}

/** What of a rule can change a figure. */
export function settingsOf(rule: RuleView) {
  return [
    rule.softened,
    rule.schools.map((school) => [school.studio, school.client]),
    rule.parameters.map((parameter) => [parameter.studio, parameter.client]),
  ];
}

/** Whether a rule is set differently for this client than for the studio. */
export function isChanged(rule: RuleView): boolean {
  return (
    rule.softened ||
    rule.schools.some((school) => school.client != null) ||
    rule.parameters.some((parameter) => parameter.client != null)
  );
}
