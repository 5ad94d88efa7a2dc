import { currentSettings } from '../settings/settings';
import type { Pair } from './types';

/** One value that the server refused: where it was typed, and in words. */
export interface FieldProblem {
  field: string;
  code: string;
  message: string;
}

/** An answer that is not what was asked for, as problem details (RFC 9457). */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    detail: string,
    readonly errors: FieldProblem[],
    readonly current?: Pair,
    readonly differs: string[] = [],
  ) {
    super(detail);
  }
}

/** The server did not answer. */
export class Unreachable extends Error {
  constructor() {
    super('Round Pocket does not answer. Is it still running?');
  }
}

interface ProblemDetail {
  code?: string;
  detail?: string;
  title?: string;
  errors?: FieldProblem[];
  current?: Pair;
  differs?: string[];
}

/** Sends a request and gives back the answer; throws {@link Refused} or {@link Unreachable}. */
export async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
  const response = await send(method, path, body);
  if (response.status === 204) {
    return undefined as T;
  }
  const json: unknown = await response.json().catch(() => ({}));
  if (response.ok) {
    return json as T;
  }
  if (response.status >= 502 && response.status <= 504) {
    throw new Unreachable();
  }
  const problem = json as ProblemDetail;
  throw new Refused(
    response.status,
    problem.code ?? 'unexpected',
    problem.detail ?? problem.title ?? 'Something went wrong.',
    problem.errors ?? [],
    problem.current,
    problem.differs,
  );
}

/** A file as it is sent: its text and what it is. */
export class TextFile {
  constructor(
    readonly type: string,
    readonly text: string,
  ) {}
}

async function send(method: string, path: string, body: unknown): Promise<Response> {
  const file = body instanceof TextFile ? body : undefined;
  try {
    return await fetch(path, {
      method,
      headers: {
        'Content-Type': file?.type ?? 'application/json',
        'Pocket-Lengths': currentSettings().lengths === 'INCH' ? 'inch' : 'cm',
      },
      body: file?.text ?? (body === undefined ? null : JSON.stringify(body)),
      keepalive: method === 'PUT',
    });
  } catch {
    throw new Unreachable();
  }
}
