/** What was asked of the tests' server. */
export interface Asked {
  method: string;
  path: string;
  query: URLSearchParams;
  body: unknown;
}

/** An answer is a body for status 200, or a `Response` of its own. */
type Respond = (asked: Asked) => unknown;

const routes = new Map<string, Respond>();
let asked: Asked[] = [];

/** Answers such as `'GET /api/plans': () => []`, until the test ends. */
export function serve(answers: Record<string, Respond>) {
  for (const [route, respond] of Object.entries(answers)) routes.set(route, respond);
}

/** The requests so far that went to a route. */
export const requestsTo = (route: string): Asked[] =>
  asked.filter((a) => `${a.method} ${a.path}` === route);

/** A refusal as the server words it. */
export const refusal = (status: number, detail: string, errors: object[] = [], more = {}) =>
  json(status, { status, title: 'Refused', detail, errors, ...more });

const json = (status: number, body: unknown) =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'Content-Type': status < 400 ? 'application/json' : 'application/problem+json' },
  });

const isJson = (request: Request) => request.headers.get('Content-Type')?.includes('json') ?? false;

export async function answerRequest(request: Request): Promise<Response> {
  const text = await request.text();
  const url = new URL(request.url);
  const one: Asked = {
    method: request.method,
    path: url.pathname,
    query: url.searchParams,
    body: text === '' ? undefined : isJson(request) ? JSON.parse(text) : text,
  };
  asked.push(one);
  const respond = routes.get(`${one.method} ${one.path}`);
  if (!respond) return refusal(404, `No test answers ${one.method} ${one.path}`);
  const answer = await Promise.race([respond(one), stopped(request.signal)]);
  return answer instanceof Response ? answer : json(200, answer);
}

/** Fails as a request does that its asker ends. */
const stopped = (signal: AbortSignal) =>
  new Promise<never>((_, fail) => {
    const end = () => fail(new DOMException('stopped', 'AbortError'));
    // It may have been ended while its body was read: then no event comes any more.
    if (signal.aborted) end();
    else signal.addEventListener('abort', end);
  });

export function forgetRequests() {
  routes.clear();
  asked = [];
}
