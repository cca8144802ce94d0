import { keys } from '../../../api/keys';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import type { components } from '../../../api/schema';
import { api, need } from '../../../api/client';
import { usePrepared } from '../Preparing';
import { type Chosen, contextQuery, useKept, useSeen } from '../../desk';
import { say } from '../messages';
import type { Slots } from '../queries';

/** What a formula requires in one slot; absent fields require nothing. */
export interface SlotFormula {
  kinds?: string[];
  families?: string[];
  fits?: string[];
  patterns?: string[];
  colours?: string[];
  colourRoles?: string[];
  formalityLow?: number;
  formalityHigh?: number;
}

export type FormulaSlots = Record<string, SlotFormula>;

/** The lists of a slot, in the order they are shown. */
export const lists = ['kinds', 'families', 'patterns', 'fits', 'colours', 'colourRoles'] as const;

/** What a colour does in an outfit. */
export const colourRoles = ['neutral', 'base', 'accent'] as const;

/** Colours that families do not tell apart. */
export const shades = ['black', 'charcoal', 'grey', 'white', 'cream', 'camel', 'tan', 'burgundy'];

/** The families of colour there are. */
export const colourFamilies = [
  'achromatic',
  'navy',
  'denim',
  'beige',
  'brown',
  'olive',
  'crimson',
  'red',
  'orange',
  'yellow',
  'green',
  'emerald',
  'teal',
  'cyan',
  'azure',
  'blue',
  'violet',
  'magenta',
];

export interface FormulaItem {
  id?: string;
  name: string;
  slots: FormulaSlots;
  words: Record<string, string>;
  total?: number | string;
  times?: number;
}

export interface Formulas {
  saved: FormulaItem[];
  studio: FormulaItem[];
  lived: FormulaItem[];
  outfits: number;
}

/** All formulas of a client, each with the outfits of the context that keep to it. */
export function useFormulas(clientId: string, chosen: Chosen, stamp: string) {
  const query = contextQuery(chosen);
  const prepared = usePrepared(clientId, chosen, stamp, { counting: 'outfits' });
  const formulas = useQuery({
    queryKey: keys.formulas(clientId, query, stamp),
    enabled: prepared.state === 'done',
    placeholderData: keepPreviousData,
    queryFn: async ({ signal }) =>
      (await need(
        api.GET('/api/v1/clients/{clientId}/formulas', { signal, params: { path: { clientId }, query } }),
      )) as unknown as Formulas,
  });
  return { ...formulas, prepared };
}

type Asked = components['schemas']['FormulaAsked'];

function asked(chosen: Chosen, more: { slots?: FormulaSlots; outfit?: Slots; most?: number }): Asked {
  const { season, occasion, daring, capsule } = contextQuery(chosen);
  return { season, occasion, daring, capsule, ...more };
}

/** The formula of an outfit, in which each piece is replaced by its kind. */
export function useFormulaOf(clientId: string, chosen: Chosen, outfit: Slots) {
  return useQuery({
    queryKey: keys.formulaOf(clientId, outfit),
    enabled: Object.keys(outfit).length > 0,
    queryFn: async ({ signal }) =>
      (await need(
        api.POST('/api/v1/clients/{clientId}/formulas/of-outfit', {
          signal,
          params: { path: { clientId } },
          body: asked(chosen, { outfit }),
        }),
      )) as unknown as FormulaItem,
  });
}

/** The outfits that keep to a formula, those never worn first. */
export function useKeeping(
  clientId: string,
  chosen: Chosen,
  slots: FormulaSlots,
  most: number,
  stamp: string,
  isPrepared: boolean,
) {
  return useQuery({
    queryKey: keys.formulaMatches(clientId, contextQuery(chosen), slots, most, stamp),
    enabled: isPrepared && Object.keys(slots).length > 0,
    placeholderData: keepPreviousData,
    queryFn: ({ signal }) =>
      need(
        api.POST('/api/v1/clients/{clientId}/formulas/outfits', {
          signal,
          params: { path: { clientId } },
          body: asked(chosen, { slots, most }),
        }),
      ),
  });
}

/** Which piece would make a formula possible. */
export function useMissingPiece(
  clientId: string,
  chosen: Chosen,
  slots: FormulaSlots,
  stamp: string,
  enabled: boolean,
) {
  return useQuery({
    queryKey: keys.missingPiece(clientId, contextQuery(chosen), slots, stamp),
    enabled,
    queryFn: ({ signal }) =>
      need(
        api.POST('/api/v1/clients/{clientId}/formulas/missing-piece', {
          signal,
          params: { path: { clientId } },
          body: asked(chosen, { slots }),
        }),
      ),
  });
}

/** Keeps a formula, changes it where it has an id, or with nothing but the id takes it away. */
export function useKeepFormula(clientId: string) {
  const header = useSeen(keys.formulas(clientId));
  return useKept(
    keys.formulas(clientId),
    (
      kept: FormulaItem | undefined,
      { id }: { id?: string; name?: string; slots?: FormulaSlots; seen?: FormulaSlots },
    ) => (kept ? say(id ? 'formulaChanged' : 'savedAs', { name: kept.name }) : say('formulaDeleted')),
    async ({ id, ...body }) => {
      const sent = { ...body };
      if (!id) {
        const saved = await need(
          api.POST('/api/v1/clients/{clientId}/formulas', { params: { path: { clientId } }, body: sent }),
        );
        return saved as unknown as FormulaItem;
      }
      const params = { path: { clientId, id }, header: header(id) };
      if (Object.keys(body).length > 0) {
        const changed = await need(
          api.PATCH('/api/v1/clients/{clientId}/formulas/{id}', { params, body: sent }),
        );
        return changed as unknown as FormulaItem;
      }
      await need(api.DELETE('/api/v1/clients/{clientId}/formulas/{id}', { params }));
      return undefined;
    },
  );
}
