import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { ThumbnailView } from '../api/types';
import { requestsTo, serve } from '../testing/server';
import { Still } from './Still';

const kept = (plan: string, of: string): ThumbnailView => ({
  plan,
  now: 'now',
  kept: {
    of,
    keptAt: 1700,
    isPinned: false,
    seen: { round: 38, up: 12, skin: 'umber', way: 'DOWN', part: null, day: 0 },
  },
});

const show = (plans: string[]) =>
  render(
    <QueryClientProvider client={new QueryClient()}>
      {plans.map((p) => (
        <Still key={p} plan={p} alt={`head of ${p}`} className="w-20" />
      ))}
    </QueryClientProvider>,
  );

describe('Still', () => {
  it('asks for all pictures of a page at once, and shows those that are kept', async () => {
    serve({
      'GET /api/stills': ({ query }) =>
        query
          .getAll('plan')
          .filter((p) => p !== 'gone')
          .map((p) => (p === 'new' ? { plan: p, now: 'now', kept: null } : kept(p, 'now'))),
    });
    show(['one', 'new', 'gone', 'two']);
    const one = await screen.findByAltText('head of one');
    expect(one.getAttribute('src')).toBe('/api/plans/one/still?at=1700');
    expect(screen.getByAltText('head of two')).toBeTruthy();
    expect(screen.queryByAltText('head of new')).toBeNull();
    expect(screen.queryByAltText('head of gone')).toBeNull();
    expect(requestsTo('GET /api/stills')).toHaveLength(1);
  });

  it('shows a picture that is out of date rather than none, where nothing can be drawn', async () => {
    serve({ 'GET /api/stills': () => [kept('old', 'then')] });
    show(['old']);
    await waitFor(() => expect(screen.getByAltText('head of old')).toBeTruthy());
    expect(requestsTo('GET /api/plans/old')).toHaveLength(0);
  });
});
