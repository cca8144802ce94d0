import { keys } from '../../api/keys';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useParams } from 'react-router';
import { api, need, type RuleView } from '../../api/client';
import { mergedFields, saveOver, ifMatch, tagged } from '../../api/merge';
import { useRefresh } from '../desk';

export interface HouseRules {
  schools: Record<string, string>;
  parameters: Record<string, number>;
}

/** The house rules of the client alone, without those of the studio beneath. */
export function ofClient(all: RuleView[]): HouseRules {
  const rules: HouseRules = { schools: {}, parameters: {} };
  for (const rule of all) {
    rule.schools.forEach((s) => s.client != null && (rules.schools[s.id] = s.client));
    if (rule.softened) {
      rules.parameters[`${rule.id}/softened`] = 1;
    }
    rule.parameters.forEach((p) => p.client != null && (rules.parameters[`${rule.id}/${p.name}`] = p.client));
  }
  return rules;
}

export function useRules(clientId: string) {
  return useQuery({
    queryKey: keys.rules(clientId),
    queryFn: () => need(api.GET('/api/v1/clients/{clientId}/rules', { params: { path: { clientId } } })),
  });
}

/** The titles of the rules by their ids. */
export function useTitles() {
  const { clientId = '' } = useParams();
  const rules = useRules(clientId).data;
  return useMemo(() => new Map((rules ?? []).map((rule) => [rule.id, rule.title])), [rules]);
}

export function useExamples(id: string) {
  return useQuery({
    queryKey: keys.ruleExamples(id),
    staleTime: Infinity,
    enabled: id !== '',
    queryFn: () => need(api.GET('/api/v1/rules/{id}/examples', { params: { path: { id } } })),
  });
}

export function useStudioRules() {
  return useQuery({
    queryKey: keys.rules('studio'),
    queryFn: () => need(api.GET('/api/v1/studio/rules')),
  });
}

const merged = (before: HouseRules, mine: HouseRules, now: HouseRules) => ({
  schools: mergedFields(before.schools, mine.schools, now.schools),
  parameters: mergedFields(before.parameters, mine.parameters, now.parameters),
});

/** Puts house rules in place, for the whole studio or for one client. What others changed meanwhile is kept. */
export function useHold(clientId: string, studio: boolean) {
  const refresh = useRefresh();
  return useMutation({
    mutationFn: async ({ before, rules }: { before: HouseRules; rules: HouseRules }) => {
      const path = { clientId };
      if (studio) {
        await saveOver(
          () => tagged(api.GET('/api/v1/studio/rules')),
          (now, header) =>
            need(
              api.PUT('/api/v1/studio/rules', {
                params: { header },
                body: merged(before, rules, now as HouseRules),
              }),
            ),
        );
      } else {
        await saveOver(
          () => tagged(api.GET('/api/v1/clients/{clientId}/rules', { params: { path } })),
          (now, header) =>
            need(
              api.PUT('/api/v1/clients/{clientId}/rules', {
                params: { path, header },
                body: merged(before, rules, ofClient(now as RuleView[])),
              }),
            ),
        );
      }
    },
    onSuccess: refresh,
  });
}

export function useOverrides(clientId: string) {
  return useQuery({
    queryKey: keys.overrides(clientId),
    queryFn: () => need(api.GET('/api/v1/clients/{clientId}/overrides', { params: { path: { clientId } } })),
  });
}

interface Ruling {
  pieces: string[];
  /** If given, the ruling holds for the pieces with each of these. */
  anyOf?: string[];
  decision: 'approved' | 'never';
  reason: string;
  by: string;
}

export function useRuling(clientId: string) {
  const refresh = useRefresh();
  return useMutation({
    mutationFn: (body: Ruling) =>
      need(api.POST('/api/v1/clients/{clientId}/overrides', { params: { path: { clientId } }, body })),
    onSuccess: refresh,
  });
}

export function useTakeBack(clientId: string) {
  const refresh = useRefresh();
  return useMutation({
    mutationFn: ({ pieces: piece, version }: { pieces: string[]; version: number }) =>
      need(
        api.DELETE('/api/v1/clients/{clientId}/overrides', {
          params: { path: { clientId }, query: { piece }, header: ifMatch(version) },
        }),
      ),
    onSuccess: refresh,
  });
}
