import { dateOf } from '../../language/format';
import { createContext, useContext } from 'react';
import { useSearchParams } from 'react-router';
import type { ClientView, Counts, ForecastDay, PieceView } from '../../api/client';
import { common } from '../../language/text';
import { say } from './messages';
import { countedSlots, crossed } from './slots';

/** In place of a season, the date of a day whose weather applies. */
export function isDay(season: string): boolean {
  return /^\d{4}-\d{2}-\d{2}$/.test(season);
}

/** The words of a season, of all of them, of a day, or of no weather. */
export function seasonWords(season: string): string {
  if (isDay(season)) {
    return say('day', { date: dateOf(season) });
  }
  return season === '' ? common.context.noWeather : season === 'year' ? common.context.allYear : season;
}

/** The seasons to choose from: no weather, the client's seasons with a known climate, and coming days. */
export function seasonOptions(
  client: Pick<ClientView, 'seasons'> | undefined,
  days: ForecastDay[] = [],
): [string, string][] {
  const seasons = ['', ...(client?.seasons ?? []).map((season) => season.id)];
  return [
    ...seasons.map((id) => [id, seasonWords(id)] as [string, string]),
    ...days.map((day) => [day.date, weatherWords(day)] as [string, string]),
  ];
}

/** A coming day with its weather. */
export function weatherWords(day: ForecastDay): string {
  return say('dayWeather', {
    date: dateOf(day.date),
    low: day.lowC,
    high: day.highC,
    wet: String(day.rainChance > 0.5),
  });
}

/** The context of every figure on screen; it is kept in the address, so a page can be shared and reloaded. */
export interface Chosen {
  /** One of the client's, the year, the date of a coming day, or empty for no weather. */
  season: string;
  occasion: string;
  counting: string;
  daring: boolean;
  /** Slots whose pieces the crossing table has as rows and as columns. */
  rows: string;
  columns: string;
  /** Id of the saved capsule to stay within, or empty for the whole wardrobe. */
  capsule: string;
}

export function useChosen(): [Chosen, (change: Partial<Record<string, string>>) => void] {
  const [search, setSearch] = useSearchParams();
  const counting = search.get('counting') ?? 'clothes';
  const [rows, columns] = crossed(
    search.get('rows') ?? 'top',
    search.get('columns') ?? 'bottom',
    countedSlots(counting),
  );
  const chosen: Chosen = {
    season: search.get('season') ?? '',
    occasion: search.get('occasion') ?? '',
    counting,
    daring: search.get('daring') === 'yes',
    rows,
    columns,
    capsule: search.get('capsule') ?? '',
  };
  const change = (values: Partial<Record<string, string>>) => {
    const next = new URLSearchParams(search);
    Object.entries(values).forEach(([key, value]) => (value ? next.set(key, value) : next.delete(key)));
    setSearch(next);
  };
  return [chosen, change];
}

/** The chosen context as the query string of a call. */
export function contextQuery(chosen: Chosen) {
  return {
    season: chosen.season || undefined,
    occasion: chosen.occasion || undefined,
    counting: chosen.counting,
    daring: chosen.daring,
    capsule: chosen.capsule || undefined,
  };
}

export interface LiveCounts {
  counts?: Counts;
  /** Difference to the total before the last change, if there was one. */
  change?: bigint;
  fraction: number;
  /** Why the server does not count this wardrobe at all. */
  refused?: string;
  /** Waiting until it is known what there is to count; partial without the figures of pieces that are not counted. */
  state: 'waiting' | 'counting' | 'partial' | 'done' | 'stopped' | 'failed';
  stop: () => void;
  again: () => void;
}

/** What the table and the rail are narrowed to; an empty part lets everything through. */
export interface Filter {
  family: string;
  decision: string;
  tag: string;
}

export const everything: Filter = { family: '', decision: '', tag: '' };

export interface Desk {
  client: ClientView;
  pieces: PieceView[];
  /** The coming week; empty where the climate of the client's place is not known. */
  days: ForecastDay[];
  byId: Map<string, PieceView>;
  /** Changes whenever a piece does; everything computed from the wardrobe is then loaded again. */
  stamp: string;
  live: LiveCounts;
  /** The pieces of the capsule that is looked within, or all. */
  within: PieceView[];
  /** The pieces that match search and filter, in wardrobe order. */
  shown: PieceView[];
  filter: Filter;
  setFilter: (change: Partial<Filter>) => void;
  /** Pieces chosen on the table or on the rail, to be changed together. */
  selection: ReadonlySet<string>;
  select: (selection: ReadonlySet<string>) => void;
  /** Where the stage puts what it has to say: the lower part of the reading panel. */
  readingSlot: HTMLElement | null;
}

export const DeskContext = createContext<Desk | null>(null);

export function useDesk(): Desk {
  const desk = useContext(DeskContext);
  if (!desk) {
    throw new Error('used outside a workspace');
  }
  return desk;
}
