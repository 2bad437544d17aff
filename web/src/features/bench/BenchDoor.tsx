import { useQuery } from '@tanstack/react-query';
import { Link, Navigate } from 'react-router';
import { lastPlanQuery } from './bench.queries';

/** The bench without a plan named: the one last worked on, or the way to the first. */
export function BenchDoor() {
  const plans = useQuery(lastPlanQuery());
  const last = plans.data?.[0];
  if (last) return <Navigate to={`/bench/${last.id}`} replace />;
  return (
    <main className="grid flex-1 place-items-center p-8 text-center">
      {plans.isPending ? (
        <p role="status">Looking for your last plan…</p>
      ) : (
        <div className="max-w-lg">
          <h1 className="text-3xl font-semibold">Bench</h1>
          <p className="mt-3 mb-5 text-lg text-soft">
            {plans.isError
              ? plans.error.message
              : 'Here a plan is laid out: the head, the parts that show, the rows under them, which hair, how many loops, each with its knot; and what it comes to in packs, time and money.'}
          </p>
          <Link to="/book" className="underline">
            Choose a client in the book
          </Link>
        </div>
      )}
    </main>
  );
}
