import { useQuery } from '@tanstack/react-query';
import { Link, Navigate } from 'react-router';
import { plansQuery } from './bench.queries';

/** The bench without a plan named: the one last worked on, or the way to the first. */
export function BenchDoor() {
  const plans = useQuery(plansQuery());
  const last = plans.data?.[0];
  if (last) return <Navigate to={`/bench/${last.id}`} replace />;
  return (
    <main className="grid flex-1 place-items-center p-8 text-center">
      {plans.isPending ? (
        <p role="status">Looking for your last plan…</p>
      ) : (
        <div className="max-w-md">
          <p className="mb-4 text-lg">
            {plans.isError ? plans.error.message : 'No plan is on the bench yet.'}
          </p>
          <Link to="/book" className="underline">
            Choose a client in the book
          </Link>
        </div>
      )}
    </main>
  );
}
