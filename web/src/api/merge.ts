import { isProblem } from './problem';

const attempts = 4;

/** What is there now, with the tag that replacing it must name. */
export interface Now<T> {
  now: T;
  tag: string;
}

/** The If-Match header for a version that was seen. */
export const ifMatch = (version: number) => ({ 'If-Match': `"${version}"` });

/** Loads a resource together with its tag. */
export async function tagged<T>(
  answer: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<Now<T>> {
  const { data, error, response } = await answer;
  if (error !== undefined) {
    throw error;
  }
  return { now: data as T, tag: response.headers.get('ETag') ?? '' };
}

/** Saves a change onto what is there now; once more when somebody else was faster. */
export async function saveOver<T, R>(
  load: () => Promise<Now<T>>,
  send: (now: T, header: { 'If-Match': string }) => Promise<R>,
): Promise<R> {
  for (let attempt = 1; ; attempt++) {
    const { now, tag } = await load();
    try {
      return await send(now, { 'If-Match': tag });
    } catch (error) {
      if (attempt === attempts || !(isProblem(error) && error.code === 'stale')) {
        throw error;
      }
    }
  }
}

/** The entries there now, with those added and without those removed since `before`. */
export function mergedList<T>(before: T[], mine: T[], now: T[]): T[] {
  const kept = now.filter((entry) => mine.includes(entry) || !before.includes(entry));
  return [...kept, ...mine.filter((entry) => !before.includes(entry) && !kept.includes(entry))];
}

/**
 * The fields there now, with what was changed since `before`.
 *
 * @throws what the server answers to a stale version, when both changed the same field
 */
export function mergedFields<T>(
  before: Record<string, T>,
  mine: Record<string, T>,
  now: Record<string, T>,
): Record<string, T> {
  const merged = { ...now };
  for (const name of new Set([...Object.keys(before), ...Object.keys(mine)])) {
    if (mine[name] === before[name]) {
      continue;
    }
    if (now[name] !== before[name] && now[name] !== mine[name]) {
      throw {
        code: 'stale',
        status: 412,
        detail: 'Somebody changed this meanwhile. Nothing was saved; look at it and decide again.',
      };
    }
    if (name in mine) {
      merged[name] = mine[name]!;
    } else {
      delete merged[name];
    }
  }
  return merged;
}
