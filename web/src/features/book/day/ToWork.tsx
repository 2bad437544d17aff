import { useQuery } from '@tanstack/react-query';
import { Armchair } from 'lucide-react';
import { Link } from 'react-router';
import { clientVisitsQuery } from '../../../api/queries';
import type { Appointment } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { useBegin } from '../../chair';

interface Props {
  appointment: Appointment;
  today: string;
}

/** What looks after hair that is worn is worked from the visit in which it was hooked. */
const AFTERWARDS: readonly Appointment['occasion'][] = [
  'FILL',
  'SLIP_CHECK',
  'REFRESH',
  'TAKEDOWN',
];

/** The way from an appointment to its work: to a visit that was begun, to what she wears, or to a new one. */
export function ToWork({ appointment: a, today }: Props) {
  const isOpen = a.state === 'PLANNED';
  if (a.visitId) return <ToChair visit={a.visitId} />;
  if (isOpen && a.clientId && AFTERWARDS.includes(a.occasion))
    return <ToWorn client={a.clientId} />;
  if (isOpen && a.planId && a.occasion === 'INSTALL' && a.day === today)
    return <Begin plan={a.planId} stylist={a.stylistId} />;
  return null;
}

function ToChair({ visit }: { visit: string }) {
  return (
    <Link
      to={`/chair/${visit}`}
      className="inline-flex min-h-8 items-center gap-1.5 rounded-md border border-thread-deep bg-thread px-3 py-1 text-sm font-semibold text-[#11201a]"
    >
      <Armchair size={16} aria-hidden /> To the chair
    </Link>
  );
}

function ToWorn({ client }: { client: string }) {
  const visits = useQuery(clientVisitsQuery(client));
  const worn = visits.data?.find((v) => v.isFinished && !v.isDown);
  return worn ? <ToChair visit={worn.id} /> : null;
}

function Begin({ plan, stylist }: { plan: string; stylist: string }) {
  const { begin, problem, isAsked } = useBegin(plan, stylist);
  return (
    <>
      {problem && (
        <p role="alert" className="w-full text-sm text-chalk">
          ✕ {problem}
        </p>
      )}
      <Button look="main" disabled={isAsked} onClick={begin}>
        <Armchair size={16} aria-hidden /> Begin at the chair
      </Button>
    </>
  );
}
