import { answered, silent } from './connection';
import { isOwn, meant } from './ownHome';
import { currentSettings } from '../settings/settings';
import type { components, paths } from '../wire/schema.gen';
import { said } from '../units/said';
import type { Pair, Sentence } from '../wire/types';
import { shared } from '../texts/shared';
import { texts } from './texts';

/** One value that the server refused: where it was typed, and in words. */
export class FieldProblem {
  constructor(
    readonly field: string,
    readonly code: string,
    readonly said: Sentence,
  ) {}

  /** In the units that the reader has chosen by now. */
  get message(): string {
    return said(this.said, currentSettings());
  }
}

/** An answer that is not what was asked for, as problem details (RFC 9457). */
export class Refused extends Error {
  readonly errors: readonly FieldProblem[];

  constructor(
    readonly status: number,
    readonly code: string,
    private readonly detail: string,
    errors: readonly Pick<FieldProblem, 'field' | 'code' | 'said'>[] = [],
    readonly current?: Pair,
    readonly differs: string[] = [],
  ) {
    super();
    this.errors = errors.map((each) => new FieldProblem(each.field, each.code, each.said));
  }

  /** Everything that is wrong, in the units that the reader has chosen by now. */
  override get message(): string {
    return this.errors.length === 0
      ? this.detail
      : this.errors.map(({ message }) => message).join(' ');
  }
}

/** The server did not answer. */
export class Unreachable extends Error {
  constructor(words: string = texts.cantReachRoundPocketIs) {
    super(words);
  }
}

/** Something answered that is not the Round Pocket of this page: what it says is no answer. */
export class Stranger extends Unreachable {
  constructor() {
    super(texts.anotherRoundPocketAnswers);
  }
}

/** As it is described; a server in between may answer with less. */
type ProblemDetail = Partial<components['schemas']['Problem']> & { current?: Pair };

type Verb = 'get' | 'post' | 'put' | 'delete';

/** What the description says of an address and a verb. */
type Operation<V extends Verb, P extends keyof paths> =
  paths[P] extends Record<V, infer O> ? O : never;

/** The addresses that answer a verb. */
export type Address<V extends Verb> = {
  [P in keyof paths]: paths[P] extends Record<V, { responses: unknown }> ? P : never;
}[keyof paths];

/** A part of what is asked, where there is any. */
type Part<Name extends string, Of> = Of extends { [N in Name]?: unknown }
  ? [Exclude<Of[Name & keyof Of], undefined>] extends [never]
    ? unknown
    : Pick<Of, Name & keyof Of>
  : unknown;

type Content<C> = C extends { content: infer T } ? T[keyof T] : undefined;

/** What is sent is only read. */
type Read<T> = T extends readonly (infer E)[] ? readonly E[] : T;

type Sent<O> = O extends { requestBody: { content: infer C } }
  ? { body: Read<C[keyof C]> | SentFile }
  : unknown;

/** What is asked: the names in the address, the query behind it, and what is sent. */
export type Asked<V extends Verb, P extends keyof paths> = (Operation<V, P> extends {
  parameters: infer A;
}
  ? Part<'path', A> & Part<'query', A>
  : unknown) &
  Sent<Operation<V, P>>;

/** What is answered where all is well. */
export type Answer<V extends Verb, P extends keyof paths> =
  Operation<V, P> extends { responses: infer R } ? Content<R[keyof R & (200 | 201 | 204)]> : never;

type Rest<T> = Partial<T> extends T ? [asked?: T] : [asked: T];

interface Parts {
  path?: Readonly<Record<string, unknown>>;
  query?: Readonly<Record<string, unknown>>;
  body?: unknown;
}

/** A request to one of several addresses that take the same; else {@link api}, which knows what each takes and gives. */
export async function call<T>(verb: Verb, address: string, parts: Parts = {}): Promise<T> {
  const place = filled(address, parts.path, parts.query);
  const response = await send(verb.toUpperCase(), place, parts.body);
  await refuseUnlessOk(response);
  return response.status === 204 ? (undefined as T) : ((await response.json()) as T);
}

function caller<V extends Verb>(verb: V) {
  return <P extends Address<V>>(address: P, ...[asked]: Rest<Asked<V, P>>): Promise<Answer<V, P>> =>
    call(verb, address, asked as Parts | undefined);
}

/**
 * Every request that the description knows, with what it takes and gives as it says there. Throws {@link Refused} or
 * {@link Unreachable}.
 */
export const api = {
  get: caller('get'),
  post: caller('post'),
  put: caller('put'),
  delete: caller('delete'),
};

/** An address with its names filled in and the query behind it. */
function filled(address: string, path: Parts['path'] = {}, query: Parts['query'] = {}): string {
  const place = address.replace(/\{(\w+)\}/g, (_, name: string) =>
    encodeURIComponent(String(path[name])),
  );
  const asked = Object.entries(query)
    .filter(([, value]) => value !== undefined)
    .map(([name, value]) => `${name}=${encodeURIComponent(String(value))}`);
  return asked.length === 0 ? place : `${place}?${asked.join('&')}`;
}

/** Sends a request whose answer is a file. */
export async function callForFile(
  address: Address<'post'>,
  body: unknown,
  query?: Parts['query'],
): Promise<Blob> {
  const response = await send('POST', filled(address, {}, query), body);
  await refuseUnlessOk(response);
  return response.blob();
}

async function refuseUnlessOk(response: Response): Promise<void> {
  if (response.ok) {
    return;
  }
  const problem = (await response.json().catch(() => ({}))) as ProblemDetail;
  const later = response.status === 408 || (response.status >= 502 && response.status <= 504);
  if (later && problem.code !== 'home-damaged') {
    throw new Unreachable();
  }
  throw new Refused(
    response.status,
    problem.code ?? 'unexpected',
    problem.detail ?? problem.title ?? shared.somethingWentWrong,
    problem.errors,
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
  let response: Response;
  try {
    response = await fetch(path, {
      method,
      headers: { 'Content-Type': file?.type ?? 'application/json', ...meant() },
      body: file?.content ?? (body === undefined ? null : JSON.stringify(body)),
      keepalive: method === 'PUT' || method === 'DELETE',
    });
  } catch {
    silent();
    throw new Unreachable();
  }
  if (!isOwn(response)) {
    silent();
    throw new Stranger();
  }
  answered();
  return response;
}
