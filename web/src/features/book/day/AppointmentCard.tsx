import { useState } from 'react';
import { Link } from 'react-router';
import type { Appointment, Diary } from '../../../api/types';
import { formatMinutes } from '../../../lib/time';
import { Button } from '../../../ui/Button';
import { CONTROL, Field } from '../../../ui/Field';
import { clock, longDay, parseClock } from './dayTime';
import { draftOf } from './draftOf';
import { ToWork } from './ToWork';
import type { useBooking } from './useBooking';

interface Props {
  appointment: Appointment;
  diary: Diary;
  booking: ReturnType<typeof useBooking>;
  onDone: () => void;
}

const LATER = [10, 20, 30];

/** One appointment: who, what, where; and what can be done about it now. */
export function AppointmentCard({ appointment: a, diary, booking, onDone }: Props) {
  const [at, setAt] = useState(clock(a.fromMinute));
  const [day, setDay] = useState(a.day);
  const minute = parseClock(at);
  const stylist = diary.stylists.find((s) => s.id === a.stylistId);
  const chair = diary.chairs.find((c) => c.id === a.chairId);
  const isUnderWay = a.visitId !== null && a.state === 'PLANNED';
  const isOpen = a.state === 'PLANNED';
  return (
    <div className="flex flex-col gap-3">
      <div>
        <p className="text-sm text-soft">
          {a.words}, {formatMinutes(a.minutes)}
        </p>
        <h3 className="text-xl leading-tight font-semibold break-words">
          {a.clientId ? (
            <Link to={`/book/clients/${a.clientId}`} className="hover:underline">
              {a.clientName}
            </Link>
          ) : (
            a.words
          )}
        </h3>
        <p>
          {longDay(a.day)}, {clock(a.fromMinute)} to {clock(a.untilMinute)}
          <br />
          {stylist?.name}
          {chair && `, ${chair.name}`}
        </p>
        {a.note && <p className="text-soft italic">{a.note}</p>}
      </div>
      <div className="flex flex-wrap gap-2">
        <ToWork appointment={a} today={diary.today} />
        {a.planId && (
          <Link
            to={`/bench/${a.planId}`}
            className="inline-flex min-h-8 items-center rounded-md border border-edge px-3 py-1 text-sm hover:bg-well"
          >
            {a.planName || 'The plan'}
          </Link>
        )}
      </div>
      {isOpen && (
        <div>
          <p className="text-sm text-soft">Runs late: over by so many minutes</p>
          <div className="mt-1 flex gap-2">
            {LATER.map((more) => (
              <Button
                key={more}
                onClick={() => {
                  booking.late.mutate({ a, until: a.untilMinute + more });
                  onDone();
                }}
              >
                +{more}
              </Button>
            ))}
          </div>
        </div>
      )}
      {isOpen && !isUnderWay && (
        <form
          className="flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault();
            if (minute === null) return;
            booking.change.mutate({ id: a.id, draft: draftOf(a, { day, minute }) });
            onDone();
          }}
        >
          <Field label="Day">
            {(aria) => (
              <input
                type="date"
                className={CONTROL}
                value={day}
                onChange={(e) => setDay(e.target.value)}
                {...aria}
              />
            )}
          </Field>
          <Field label="At" error={minute === null ? '9:05, say' : undefined}>
            {(aria) => (
              <input
                className={`${CONTROL} w-20`}
                value={at}
                onChange={(e) => setAt(e.target.value)}
                {...aria}
              />
            )}
          </Field>
          <Button type="submit">Move</Button>
        </form>
      )}
      <div className="flex flex-wrap gap-2 border-t border-line pt-3 empty:hidden">
        {isOpen && !isUnderWay && (
          <>
            <Button
              onClick={() => {
                booking.become.mutate({ a, state: 'DONE' });
                onDone();
              }}
            >
              Done
            </Button>
            <Button
              onClick={() => {
                booking.become.mutate({ a, state: 'MISSED' });
                onDone();
              }}
            >
              Did not come
            </Button>
            <Button
              look="grave"
              onClick={() => {
                booking.become.mutate({ a, state: 'CALLED_OFF' });
                onDone();
              }}
            >
              Call off
            </Button>
          </>
        )}
        {a.state === 'DONE' && !a.visitId && (
          <Button
            onClick={() => {
              booking.become.mutate({ a, state: 'PLANNED' });
              onDone();
            }}
          >
            Not done after all
          </Button>
        )}
      </div>
    </div>
  );
}
