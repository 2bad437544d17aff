import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import type { AppointmentDraft, Diary, FreeTimes, Occasion } from '../../../api/types';
import { newId } from '../../../lib/id';
import { formatMinutes } from '../../../lib/time';
import { Choice, CONTROL, Field, TextField } from '../../../ui/Field';
import { Modal } from '../../../ui/Modal';
import { useWords } from '../../../words';
import { tilesQuery } from '../book.queries';
import { clock, parseClock } from './dayTime';
import { WhoComes } from './WhoComes';

interface Props {
  diary: Diary;
  at: { day: string; minute: number; chairId: string | null; clientId?: string };
  onClose: () => void;
}

/** Gives somebody a time: as long as her plan needs, where and with whom there is one, with her hair prepared before. */
export function BookingDialog({ diary, at, onClose }: Props) {
  const queries = useQueryClient();
  const { occasions } = useWords();
  const [occasion, setOccasion] = useState<Occasion>('INSTALL');
  const [clientId, setClient] = useState(at.clientId ?? '');
  const [planId, setPlan] = useState('');
  const [stylistId, setStylist] = useState('');
  const [day, setDay] = useState(at.day);
  const [time, setTime] = useState(clock(at.minute));
  const [note, setNote] = useState('');
  const plans = useQuery(tilesQuery(clientId ? [clientId] : []));
  const hers = plans.data ?? [];
  const plan = planId || hers[0]?.id || '';
  const minute = parseClock(time);
  const asked = useQuery({
    queryKey: ['free', occasion, plan, stylistId, day, minute],
    queryFn: () =>
      api.freeTimes({
        occasion,
        planId: plan || null,
        stylistId: stylistId || null,
        day,
        minute,
        minutes: null,
      }),
    enabled: minute !== null,
  });
  const make = useMutation({
    mutationFn: api.makeAppointments,
    onSuccess: () => {
      for (const key of ['diary', 'shopping', 'client-appointments'])
        void queries.invalidateQueries({ queryKey: [key] });
      onClose();
    },
  });
  const problem = make.error instanceof Problem ? make.error : undefined;
  const problemAt = (field: string) =>
    problem?.at(field)?.message ?? problem?.at(`appointments[0].${field}`)?.message;
  const take = (offer: FreeTimes['offers'][number]) => {
    const first = newId();
    const common = {
      clientId: clientId || null,
      planId: plan || null,
      note,
      version: 0,
    };
    const sittings: AppointmentDraft[] = offer.sittings.map((s, i) => ({
      ...common,
      id: i === 0 ? first : newId(),
      occasion,
      day: s.day,
      minute: s.minute,
      minutes: s.minutes,
      chairId: s.chairId,
      stylistId: s.stylistId,
      belongsTo: i === 0 ? null : first,
    }));
    const prepared: AppointmentDraft[] = offer.prepared
      ? [
          {
            ...common,
            id: newId(),
            occasion: 'PREPARE',
            day: offer.prepared.day,
            minute: offer.prepared.minute,
            minutes: offer.prepared.minutes,
            chairId: null,
            stylistId: offer.prepared.stylistId,
            belongsTo: first,
          },
        ]
      : [];
    make.mutate([...sittings, ...prepared]);
  };
  const nameOf = (id: string) => diary.stylists.find((s) => s.id === id)?.name ?? '';
  const chairOf = (id: string | null) => diary.chairs.find((c) => c.id === id)?.name ?? '';
  return (
    <Modal
      title="Give a time"
      lead="As long as her plan needs; the nearest times that are free."
      isOpen
      onClose={onClose}
    >
      <div className="grid grid-cols-2 gap-3">
        <WhoComes
          clientId={clientId}
          onChoose={(id) => {
            setClient(id);
            setPlan('');
          }}
          error={problemAt('clientId')}
        />
        <Choice label="What for" value={occasion} options={occasions} onChoose={setOccasion} />
        <Choice
          label="By which plan"
          value={plan}
          options={
            hers.length > 0
              ? hers.map((p) => ({ value: p.id, words: p.name }))
              : [{ value: '', words: clientId ? 'none yet' : 'choose a client first' }]
          }
          onChoose={setPlan}
        />
        <Choice
          label="With whom"
          value={stylistId}
          options={[
            { value: '', words: 'whoever is free' },
            ...diary.stylists.map((s) => ({ value: s.id, words: s.name })),
          ]}
          onChoose={setStylist}
        />
        <Field label="About when">
          {(aria) => (
            <div className="flex gap-2">
              <input
                type="date"
                className={CONTROL}
                value={day}
                onChange={(e) => setDay(e.target.value)}
                {...aria}
              />
              <input
                aria-label="Time"
                className={`${CONTROL} w-20`}
                value={time}
                onChange={(e) => setTime(e.target.value)}
              />
            </div>
          )}
        </Field>
        <TextField label="To remember" value={note} onChange={(e) => setNote(e.target.value)} />
      </div>
      {asked.data && (
        <p>
          Takes <strong className="text-xl">{formatMinutes(asked.data.minutes.likely)}</strong>
          {asked.data.prepareMinutes > 0 &&
            `, and her hair ${formatMinutes(asked.data.prepareMinutes)} to prepare`}
        </p>
      )}
      {asked.isError && <p className="font-medium text-chalk">✕ {asked.error.message}</p>}
      {problem && (
        <p role="alert" className="font-medium text-chalk">
          ✕ {problem.message}
        </p>
      )}
      <ul aria-label="Free times" className="flex flex-col gap-1.5">
        {asked.data?.offers.map((o) => (
          <li key={o.words + (o.sittings[0]?.stylistId ?? '')}>
            <button
              type="button"
              disabled={make.isPending || !clientId}
              onClick={() => take(o)}
              className="flex w-full flex-wrap items-baseline gap-x-3 rounded-md border border-edge bg-ground px-3 py-2 text-left hover:border-thread-deep disabled:opacity-50"
            >
              <span className="text-lg leading-tight font-semibold first-letter:uppercase">
                {o.words}
              </span>
              <span className="text-sm text-soft">
                {nameOf(o.sittings[0]?.stylistId ?? '')}
                {o.sittings[0]?.chairId && `, ${chairOf(o.sittings[0].chairId)}`}
                {o.prepared && `; hair ${sayPrepared(o.prepared, o.sittings[0]?.day)}`}
              </span>
            </button>
          </li>
        ))}
        {asked.data?.offers.length === 0 && (
          <li className="text-soft">Nothing that long is free in the next four weeks.</li>
        )}
      </ul>
      {!clientId && asked.data && (
        <p className="text-sm text-soft">Choose who comes, then take a time.</p>
      )}
    </Modal>
  );
}

/** When the hair is prepared: on a day before, or first, on the same. */
function sayPrepared(at: { day: string; minute: number }, comes: string | undefined): string {
  const weekday = new Date(`${at.day}T12:00`).toLocaleDateString('en-GB', { weekday: 'long' });
  return at.day === comes
    ? `first, from ${clock(at.minute)}`
    : `on ${weekday} at ${clock(at.minute)}`;
}
