import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { AWAY, Problem, problemFrom } from './problems';

const answer = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': status < 400 ? 'application/json' : 'application/problem+json' },
  });

let asked: Request[] = [];

/** A fresh client on a server that answers so. */
async function clientOn(respond: (r: Request) => Response | Promise<Response>) {
  vi.stubGlobal('fetch', async (r: Request) => {
    asked.push(r);
    return respond(r);
  });
  vi.resetModules();
  return (await import('./client')).api;
}

beforeEach(() => {
  asked = [];
  document.cookie = 'XSRF-TOKEN=a%2Fb';
});
afterEach(() => vi.unstubAllGlobals());

describe('api', () => {
  it('returns the body of a good answer', async () => {
    const api = await clientOn(() => answer(200, [{ id: 'p1' }]));
    expect(await api.plans(1)).toEqual([{ id: 'p1' }]);
    expect(asked[0]?.headers.has('X-XSRF-TOKEN')).toBe(false);
  });

  it('proves with every change that it comes from this page', async () => {
    const api = await clientOn(() => answer(201, {}));
    await api.beginPlan({ clientId: 'c1', name: '', stylistId: null });
    expect(asked[0]?.headers.get('X-XSRF-TOKEN')).toBe('a/b');
  });

  it('throws a problem that knows its fields', async () => {
    const api = await clientOn(() =>
      answer(422, {
        detail: 'Some entries cannot be used',
        errors: [
          { field: 'head.roundMm', message: 'too wide', min: 430, max: 690, unit: 'mm' },
          'noise',
        ],
      }),
    );
    const problem = await api.plans(1).catch((e: unknown) => e);
    expect(problem).toBeInstanceOf(Object);
    expect(problem).toMatchObject({ status: 422, isAway: false });
    expect((problem as Problem).at('head.roundMm')?.max).toBe(690);
    expect((problem as Problem).fields).toHaveLength(1);
    expect((problem as Problem).at('fullness')).toBeUndefined();
  });

  it('says that the server is away when nothing answers', async () => {
    const api = await clientOn(() => Promise.reject(new TypeError('failed to fetch')));
    await expect(api.clients('', 0, 24)).rejects.toMatchObject({
      status: 0,
      message: AWAY,
      isAway: true,
    });
  });
});

describe('problemFrom', () => {
  it.each([null, 'text', 42, undefined])('survives a body of %s', (body) => {
    expect(problemFrom(502, body).message).toContain('cannot be read');
  });

  it('carries the newer version of a refused change', () => {
    expect(problemFrom(409, { detail: 'x', current: { version: 4 } }).current).toEqual({
      version: 4,
    });
  });
});
