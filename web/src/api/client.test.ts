// @vitest-environment jsdom
import { afterEach, beforeAll, expect, it, vi } from 'vitest';

beforeAll(() => {
  vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener: () => undefined }));
});

afterEach(() => vi.unstubAllGlobals());

async function answering(response: () => Promise<Response>) {
  const { call, Refused, Unreachable } = await import('./client');
  const fetched = vi.fn<typeof fetch>(response);
  vi.stubGlobal('fetch', fetched);
  return { call, Refused, Unreachable, fetched };
}

const json = (status: number, body: unknown) => () =>
  Promise.resolve(new Response(JSON.stringify(body), { status }));

it('an answer is handed on', async () => {
  const { call, fetched } = await answering(json(200, { here: true }));
  await expect(
    call('post', '/api/x/{id}', { path: { id: 'a b' }, query: { q: 1 }, body: { a: 1 } }),
  ).resolves.toEqual({ here: true });
  expect(fetched.mock.calls[0]?.[0]).toBe('/api/x/a%20b?q=1');
  expect(fetched.mock.calls[0]?.[1]).toMatchObject({ method: 'POST', body: '{"a":1}' });
});

const mm = (value: number) => ({ value, unit: 'MILLIMETRES' });
const TOO_LONG = {
  template: 'Foot must be {min} to {max} (you entered {found}).',
  amounts: { min: mm(100), max: mm(360), found: mm(405) },
};

it('a refusal carries its fields and what differs', async () => {
  const { call, Refused } = await answering(
    json(409, {
      code: 'stale',
      detail: 'changed elsewhere',
      differs: ['name'],
      errors: [{ field: 'foot.lengthMm', code: 'c', said: TOO_LONG }],
    }),
  );
  const error: unknown = await call('put', '/api/x', { body: {} }).catch((e: unknown) => e);
  expect(error).toBeInstanceOf(Refused);
  expect(error).toMatchObject({
    status: 409,
    code: 'stale',
    message: 'Foot must be 10 to 36 cm (you entered 40.5 cm).',
    differs: ['name'],
  });
  const { changeSettings } = await import('../settings/settings');
  changeSettings({ lengths: 'INCH' });
  expect(error).toMatchObject({ message: 'Foot must be 3 7/8 to 14 1/8 in (you entered 16 in).' });
});

it('an answer that is no JSON is still a refusal in words', async () => {
  const { call } = await answering(() => Promise.resolve(new Response('<html>', { status: 500 })));
  await expect(call('get', '/api/x')).rejects.toMatchObject({ message: 'Something went wrong.' });
});

it.each([502, 503, 504])('a gateway that says %d means that nobody is there', async (status) => {
  const { call, Unreachable } = await answering(json(status, {}));
  await expect(call('get', '/api/x')).rejects.toBeInstanceOf(Unreachable);
});

it('no answer at all means that nobody is there', async () => {
  const { call, Unreachable } = await answering(() => Promise.reject(new TypeError('refused')));
  await expect(call('get', '/api/x')).rejects.toBeInstanceOf(Unreachable);
});
