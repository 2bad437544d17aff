import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { Visits } from './Visits';
import { visitsQuery } from './chair.queries';

/** The chair without a visit named: today's, and those that are still open. */
export function ChairDoor() {
  const visits = useQuery(visitsQuery());
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8 sm:py-6">
      <h1 className="text-3xl leading-none font-semibold">Chair</h1>
      <p className="mt-1 mb-5 text-soft">
        The plan as it is worked, one thing at a time. Begin a visit from a plan on the bench.
      </p>
      {visits.isError && (
        <p role="alert" className="rounded-md border-2 border-chalk bg-chalk-wash p-4">
          {visits.error.message}
        </p>
      )}
      {visits.data?.length === 0 ? (
        <p className="text-lg">
          Nobody is in the chair.{' '}
          <Link to="/bench" className="underline">
            Take a plan there from the bench
          </Link>
          .
        </p>
      ) : (
        <Visits visits={visits.data ?? []} />
      )}
    </main>
  );
}
