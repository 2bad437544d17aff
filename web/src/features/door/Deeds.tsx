import { useInfiniteQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api } from '../../api/client';
import { Button } from '../../ui/Button';
import { Card } from './Card';
import { when } from './when';

/** Who did what, the latest first. */
export function Deeds() {
  const deeds = useInfiniteQuery({
    queryKey: ['door', 'deeds'],
    queryFn: ({ pageParam }) => api.deeds(pageParam),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (last) => (last.isMore ? last.deeds.at(-1)?.id : undefined),
  });
  const all = deeds.data?.pages.flatMap((p) => p.deeds) ?? [];
  return (
    <Card title="What was done">
      <p className="mb-1 text-sm text-soft">
        Kept for {deeds.data?.pages[0]?.keptDays ?? '…'} days. That a client was looked at, never
        what stands there.
      </p>
      <ul className="divide-y divide-line">
        {all.map((d) => (
          <li key={d.id} className="flex flex-wrap items-baseline gap-x-3 py-1.5">
            <p className="min-w-0 flex-1 basis-64">
              <span className="font-semibold">{d.who}</span> {d.words}
              {d.of && ': '}
              {d.clientId ? (
                <Link to={`/book/clients/${d.clientId}`} className="underline">
                  {d.of}
                </Link>
              ) : (
                d.of
              )}
            </p>
            <p className="shrink-0 text-sm text-soft tabular-nums">
              {when(d.at)}, {d.address}
            </p>
          </li>
        ))}
      </ul>
      {deeds.hasNextPage && (
        <Button className="mt-2" onClick={() => void deeds.fetchNextPage()}>
          Earlier ones
        </Button>
      )}
    </Card>
  );
}
