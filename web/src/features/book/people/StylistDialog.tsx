import { useMutation, useQuery } from '@tanstack/react-query';
import isSame from 'fast-deep-equal';
import { useState } from 'react';
import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import type { People, StylistDraft } from '../../../api/types';
import { Button } from '../../../ui/Button';
import { Choice, CONTROL, TextField } from '../../../ui/Field';
import { Modal } from '../../../ui/Modal';
import { clock, parseClock } from '../day/dayTime';
import { dayName } from './Hours';

type Stylist = People['stylists'][number];

interface Props {
  stylist: Stylist | undefined;
  people: People;
  onChanged: (all: People) => void;
  onClose: () => void;
}

const draftOf = (s: Stylist | undefined, people: People): StylistDraft => ({
  name: s?.name ?? '',
  methodId: s?.methodId ?? null,
  week: s?.week ?? people.usualWeek,
  off: s?.off ?? [],
  version: s?.version ?? 0,
});

/** Somebody who works here: her method, her hours, her days away; and her leaving. */
export function StylistDialog({ stylist, people, onChanged, onClose }: Props) {
  const methods = useQuery({ queryKey: ['methods'], queryFn: api.methods });
  const [draft, setDraft] = useState(() => draftOf(stylist, people));
  const [texts, setTexts] = useState<Record<string, string>>({});
  const [to, setTo] = useState('');
  const [isLeaving, setLeaving] = useState(false);
  const done = (all: People) => {
    onChanged(all);
    onClose();
  };
  const save = useMutation({
    mutationFn: () => (stylist ? api.changeStylist(stylist.id, draft) : api.addStylist(draft)),
    onSuccess: done,
  });
  const leave = useMutation({
    mutationFn: () => api.stylistLeaves(stylist?.id ?? '', to || undefined),
    onSuccess: done,
  });
  const problem = save.error instanceof Problem ? save.error : undefined;
  const week = draft.week ?? [];
  const off = draft.off ?? [];
  const setDay = (i: number, field: 'fromMinute' | 'untilMinute', text: string) => {
    setTexts({ ...texts, [`${i}${field}`]: text });
    const minute = text.trim() === '' ? null : parseClock(text);
    if (text.trim() === '' || minute !== null) {
      setDraft({ ...draft, week: week.map((d, k) => (k === i ? { ...d, [field]: minute } : d)) });
    }
  };
  const isUnread = Object.values(texts).some((t) => t.trim() !== '' && parseClock(t) === null);
  const others = people.stylists.filter((s) => s.id !== stylist?.id);
  return (
    <Modal
      title={stylist ? stylist.name : 'Somebody new'}
      lead="Hours by the clock on the wall; a day left empty is free."
      isOpen
      onClose={onClose}
      hasEntries={isUnread || !isSame(draft, draftOf(stylist, people))}
    >
      <form
        className="flex flex-col gap-4"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          if (!isUnread) save.mutate();
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label="Name"
            value={draft.name ?? ''}
            onChange={(e) => setDraft({ ...draft, name: e.target.value })}
            error={problem?.at('name')?.message}
          />
          <Choice
            label="Works by the method"
            value={draft.methodId ?? ''}
            options={[
              { value: '', words: 'the usual one' },
              ...(methods.data ?? []).map((m) => ({ value: m.id, words: m.name })),
            ]}
            onChoose={(id) => setDraft({ ...draft, methodId: id || null })}
          />
        </div>
        <fieldset>
          <legend className="text-sm text-soft">Hours</legend>
          <div className="grid grid-cols-[3rem_1fr_1fr] items-center gap-x-3 gap-y-1 sm:grid-cols-[3rem_1fr_1fr_3rem_1fr_1fr]">
            {week.map((d, i) => (
              <div key={d.day} className="contents">
                <span>{dayName(d.day)}</span>
                {(['fromMinute', 'untilMinute'] as const).map((field) => {
                  const text = texts[`${i}${field}`] ?? (d[field] === null ? '' : clock(d[field]));
                  const isBad = text.trim() !== '' && parseClock(text) === null;
                  return (
                    <input
                      key={field}
                      aria-label={`${dayName(d.day)} ${field === 'fromMinute' ? 'from' : 'until'}`}
                      aria-invalid={isBad || problem?.at(`week[${i}]`) !== undefined}
                      placeholder="free"
                      className={CONTROL}
                      value={text}
                      onChange={(e) => setDay(i, field, e.target.value)}
                    />
                  );
                })}
              </div>
            ))}
          </div>
          {week.map((d, i) => {
            const wrong = problem?.at(`week[${i}]`);
            return (
              wrong && (
                <p key={d.day} role="alert" className="text-sm font-medium text-chalk">
                  ✕ {dayName(d.day)}: {wrong.message}
                </p>
              )
            );
          })}
        </fieldset>
        <fieldset className="flex flex-col gap-2">
          <legend className="text-sm text-soft">Away</legend>
          {off.map((o, i) => (
            <div key={i} className="flex flex-col gap-1">
              <div className="flex gap-2">
                {(['first', 'last'] as const).map((field) => (
                  <input
                    key={field}
                    type="date"
                    aria-label={field === 'first' ? 'First day away' : 'Last day away'}
                    className={CONTROL}
                    value={o[field]}
                    onChange={(e) =>
                      setDraft({
                        ...draft,
                        off: off.map((x, k) => (k === i ? { ...x, [field]: e.target.value } : x)),
                      })
                    }
                  />
                ))}
                <input
                  aria-label="Why she is away"
                  placeholder="why"
                  className={CONTROL}
                  value={o.why}
                  onChange={(e) =>
                    setDraft({
                      ...draft,
                      off: off.map((x, k) => (k === i ? { ...x, why: e.target.value } : x)),
                    })
                  }
                />
                <Button
                  look="quiet"
                  onClick={() => setDraft({ ...draft, off: off.filter((_, k) => k !== i) })}
                >
                  not
                </Button>
              </div>
              {(['first', 'last', 'why'] as const).map((field) => {
                const wrong = problem?.at(`off[${i}].${field}`);
                return (
                  wrong && (
                    <p key={field} role="alert" className="text-sm font-medium text-chalk">
                      ✕ {wrong.message}
                    </p>
                  )
                );
              })}
            </div>
          ))}
          <Button
            className="self-start"
            onClick={() => {
              const day = new Date().toLocaleDateString('sv');
              setDraft({ ...draft, off: [...off, { first: day, last: day, why: '' }] });
            }}
          >
            Away for some days
          </Button>
        </fieldset>
        {problem && (
          <p role="alert" className="font-medium text-chalk">
            ✕ {problem.fields.length > 0 ? 'Not kept yet: see above.' : problem.message}
          </p>
        )}
        <div className="flex flex-wrap items-center gap-3">
          <Button look="main" type="submit" disabled={save.isPending || isUnread}>
            Keep
          </Button>
          <Button onClick={onClose}>Leave it</Button>
          <span className="grow" />
          {stylist && !isLeaving && (
            <Button look="grave" onClick={() => setLeaving(true)}>
              Works here no longer
            </Button>
          )}
        </div>
        {isLeaving && (
          <div className="flex flex-wrap items-end gap-3 rounded-md border border-chalk p-3">
            <Choice
              label="What she has ahead goes to"
              value={to}
              options={[
                { value: '', words: 'nobody' },
                ...others.map((s) => ({ value: s.id, words: s.name })),
              ]}
              onChoose={setTo}
            />
            <Button look="grave" disabled={leave.isPending} onClick={() => leave.mutate()}>
              Yes, she leaves
            </Button>
            {leave.isError && (
              <p role="alert" className="w-full font-medium text-chalk">
                ✕ {leave.error.message}
              </p>
            )}
          </div>
        )}
      </form>
    </Modal>
  );
}
