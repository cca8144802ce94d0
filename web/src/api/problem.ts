/** What the server says when it refuses, as application/problem+json. */
export interface Problem {
  status: number;
  code: string;
  detail: string;
  errors: { pointer: string; code: string; message: string }[];
}

export function isProblem(value: unknown): value is Problem {
  return typeof value === 'object' && value !== null && 'status' in value && 'detail' in value;
}

/** One sentence for people: the server's own where it gave one. */
export function sentence(error: unknown): string {
  if (isProblem(error)) {
    return error.errors?.length ? error.errors.map((e) => e.message).join('; ') : error.detail;
  }
  return 'The server did not answer. What was shown as saved is safe; try again.';
}
