import { answered, silent } from './connection';
import { currentSettings } from '../settings/settings';
import type { Pair } from '../wire/types';

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
    super('Can’t reach Round Pocket. Is it still running?');
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
  await refuseUnlessOk(response);
  return response.status === 204 ? (undefined as T) : ((await response.json()) as T);
}

/** Sends a request whose answer is a file. */
export async function callForFile(path: string, body: unknown): Promise<Blob> {
  const response = await send('POST', path, body);
  await refuseUnlessOk(response);
  return response.blob();
}

async function refuseUnlessOk(response: Response): Promise<void> {
  if (response.ok) {
    return;
  }
  const problem = (await response.json().catch(() => ({}))) as ProblemDetail;
  if (response.status >= 502 && response.status <= 504 && problem.code !== 'home-damaged') {
    throw new Unreachable();
  }
  throw new Refused(
    response.status,
    problem.code ?? 'unexpected',
    problem.detail ?? problem.title ?? 'Something went wrong.',
    problem.errors ?? [],
    problem.current,
    problem.differs,
  );
}

/** A file as it is sent: what is in it, and what it is. */
export class SentFile {
  constructor(
    readonly type: string,
    readonly content: string | Blob,
  ) {}
}

async function send(method: string, path: string, body: unknown): Promise<Response> {
  const file = body instanceof SentFile ? body : undefined;
  try {
    const response = await fetch(path, {
      method,
      headers: {
        'Content-Type': file?.type ?? 'application/json',
        'Pocket-Lengths': currentSettings().lengths === 'INCH' ? 'inch' : 'cm',
      },
      body: file?.content ?? (body === undefined ? null : JSON.stringify(body)),
      keepalive: method === 'PUT' || method === 'DELETE',
    });
    answered();
    return response;
  } catch {
    silent();
    throw new Unreachable();
  }
}
