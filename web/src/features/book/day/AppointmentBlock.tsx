import { Popover } from 'radix-ui';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Appointment, Diary } from '../../../api/types';
import { AppointmentCard } from './AppointmentCard';
import { clock, initials } from './dayTime';
import { draftOf } from './draftOf';
import { Strands } from './Strands';
import type { useBooking } from './useBooking';

interface Props {
  appointment: Appointment;
  diary: Diary;
  span: { from: number; until: number };
  /** Minutes from its own midnight to that of the tape. */
  shift: number;
  /** Which from the top, and of how many that lie below one another. */
  place: { at: number; of: number };
  isHeld: boolean;
  onHold: (id: string | undefined) => void;
  booking: ReturnType<typeof useBooking>;
}

const GAP = '0.375rem';
/** Of less of the tape than this, the name takes a line of its own. */
const NARROW_PART = 0.1;
const STEP = 5;
const FAR = 15;
/** A touch that hardly moves is a tap. */
const TAP_PX = 6;

interface Drag {
  x: number;
  y: number;
  minutes: number;
  lane: string | undefined;
}

/** One appointment on the tape; taken hold of it moves along, and to another chair; a tap opens it. */
export function AppointmentBlock({
  appointment: a,
  diary,
  span,
  shift,
  place,
  isHeld,
  onHold,
  booking,
}: Props) {
  const ref = useRef<HTMLButtonElement>(null);
  const [drag, setDrag] = useState<Drag>();
  const [isOpen, setOpen] = useState(false);
  const length = span.until - span.from;
  const shown = a.fromMinute + (drag?.minutes ?? 0);
  const begins = Math.max(span.from, shown + shift);
  const ends = a.untilMinute + (drag?.minutes ?? 0) + shift;
  const stylist = diary.stylists.find((s) => s.id === a.stylistId);
  const isMovable = a.state === 'PLANNED' && a.visitId === null;

  const isNarrow = ends - begins < NARROW_PART * length;
  const isTight = isNarrow || place.of > 1;
  const by = initials(stylist?.name ?? '');

  const move = (minutes: number, chairId = a.chairId) => {
    const minute = a.fromMinute + minutes;
    if (minute < 0 || (minutes === 0 && chairId === a.chairId)) return;
    booking.change.mutate({ id: a.id, draft: draftOf(a, { minute, chairId }) });
  };
  const minutesAt = (e: PointerEvent, from: number) => {
    const lane = ref.current?.parentElement?.getBoundingClientRect();
    if (!lane) return 0;
    return Math.round((((e.clientX - from) / lane.width) * length) / STEP) * STEP;
  };
  const laneAt = (e: PointerEvent): string | undefined =>
    document
      .elementsFromPoint(e.clientX, e.clientY)
      .map((el) => el.closest<HTMLElement>('[data-lane]')?.dataset.lane)
      .find((l) => l !== undefined);

  const onKeyDown = (e: KeyboardEvent) => {
    const along = { ArrowLeft: -1, ArrowRight: 1 }[e.key];
    const across = { ArrowUp: -1, ArrowDown: 1 }[e.key];
    if (!isMovable || (along === undefined && across === undefined)) return;
    e.preventDefault();
    if (along !== undefined) move(along * (e.shiftKey ? STEP : FAR));
    else if (a.chairId !== null) {
      const at = diary.chairs.findIndex((c) => c.id === a.chairId);
      const next = diary.chairs[at + (across ?? 0)];
      if (next) move(0, next.id);
    }
  };

  return (
    <Popover.Root open={isOpen} onOpenChange={setOpen}>
      <Popover.Anchor asChild>
        <button
          ref={ref}
          type="button"
          aria-label={`${a.words}, ${a.clientName || 'nobody'}, ${clock(a.fromMinute)} to ${clock(a.untilMinute)}`}
          aria-expanded={isOpen}
          data-occasion={a.occasion}
          onKeyDown={onKeyDown}
          onClick={(e) => {
            // What comes of keys and readers; a pointer opens it when it is let go.
            if (e.detail === 0) setOpen(true);
          }}
          onPointerDown={(e) => {
            if (e.button !== 0) return;
            e.currentTarget.setPointerCapture(e.pointerId);
            setDrag({ x: e.clientX, y: e.clientY, minutes: 0, lane: undefined });
            onHold(a.id);
          }}
          onPointerMove={(e) => {
            if (drag && isMovable) {
              setDrag({ ...drag, minutes: minutesAt(e, drag.x), lane: laneAt(e) });
            }
          }}
          onPointerUp={(e) => {
            if (!drag) return;
            const isTap = Math.hypot(e.clientX - drag.x, e.clientY - drag.y) < TAP_PX;
            setDrag(undefined);
            onHold(undefined);
            if (isTap) setOpen(true);
            else if (isMovable) {
              const lane = diary.chairs.find((c) => c.id === drag.lane)?.id;
              move(drag.minutes, a.chairId === null ? null : (lane ?? a.chairId));
            }
          }}
          onPointerCancel={() => {
            setDrag(undefined);
            onHold(undefined);
          }}
          className={`absolute flex min-w-17 touch-none flex-col overflow-hidden rounded-md border text-left ${
            isHeld ? 'z-20 border-thread-deep shadow-lg' : 'border-edge'
          } ${a.state === 'DONE' ? 'bg-well text-soft' : 'bg-ground'} hover:border-thread-deep`}
          style={{
            left: `${(100 * (begins - span.from)) / length}%`,
            width: `${(100 * (ends - begins)) / length}%`,
            top: `calc(${(100 * place.at) / place.of}% + ${GAP})`,
            height: `calc(${100 / place.of}% - 2 * ${GAP})`,
          }}
        >
          <Strands occasion={a.occasion} isDone={a.state === 'DONE'} />
          <span className="flex min-w-0 items-baseline gap-1.5 px-1.5 pt-0.5">
            <span className="min-w-0 flex-1 truncate leading-tight font-semibold">
              {a.clientName || a.words}
            </span>
            {!isNarrow && (
              <span
                title={stylist?.name}
                className="shrink-0 rounded-full border border-edge bg-sheet px-1 text-xs leading-4"
              >
                {by}
              </span>
            )}
          </span>
          <span
            className={`truncate px-1.5 leading-tight text-soft ${isNarrow ? 'text-xs' : 'text-sm'}`}
          >
            {isTight && !a.isInHours && <span className="text-chalk">▲ </span>}
            {drag || isNarrow ? clock(shown) : `${clock(a.fromMinute)} ${a.words}`}
            {isNarrow ? ` ${by}` : a.planName && `, ${a.planName}`}
          </span>
          {!a.isInHours && !isTight && (
            <span className="truncate px-1.5 text-xs leading-tight text-chalk">▲ after hours</span>
          )}
        </button>
      </Popover.Anchor>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={12}
          aria-label={`${a.words}, ${a.clientName}`}
          className="z-30 w-[min(92vw,22rem)] rounded-lg border border-edge bg-sheet p-4 shadow-xl"
        >
          <AppointmentCard
            appointment={a}
            diary={diary}
            booking={booking}
            onDone={() => setOpen(false)}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
