import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Send, Square } from 'lucide-react';
import { useState } from 'react';
import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import type { MessageDraft, Messages } from '../../../api/types';
import { formatMoment, formatWeekday, plural } from '../../../lib/time';
import { useOneByOne } from '../../../outside/useOneByOne';
import { Button } from '../../../ui/Button';
import { TextArea } from '../../../ui/Field';
import { Gauge } from '../../../ui/Gauge';
import { BookRoom } from '../BookRoom';

const KEY = ['messages'];

/** What would be said to clients, in her words; what was said; and the words themselves. */
export function MessagesPage() {
  const queries = useQueryClient();
  const all = useQuery({ queryKey: KEY, queryFn: api.messages });
  const sending = useOneByOne(async (d: MessageDraft) => {
    queries.setQueryData(KEY, await api.sendMessage(which(d)));
  });
  const due = all.data?.drafts.filter((d) => d.isDue) ?? [];
  const later = all.data?.drafts.filter((d) => !d.isDue) ?? [];
  return (
    <BookRoom
      title="Messages"
      tells="What would be sent for appointments, preparation and what is looked after. Nothing leaves this machine: a stand-in takes it."
      error={all.error}
    >
      {all.data && (
        <div className="grid items-start gap-6 lg:grid-cols-[3fr_2fr]">
          <section aria-label="To be sent">
            <div className="mb-2 flex min-h-9 flex-wrap items-center gap-3">
              <h2 className="mr-auto text-xl font-semibold">To be sent</h2>
              {sending.isRunning ? (
                <>
                  <Gauge label="Sending" fraction={sending.done / Math.max(1, sending.of)} />
                  <Button onClick={sending.stop}>
                    <Square size={14} aria-hidden /> Stop
                  </Button>
                </>
              ) : (
                due.length > 0 && (
                  <Button look="main" onClick={() => void sending.run(due)}>
                    <Send size={16} aria-hidden /> Send all that is due, {due.length}
                  </Button>
                )
              )}
            </div>
            {sending.problem && (
              <p role="alert" className="mb-2 font-medium text-chalk">
                ✕ {sending.problem}
              </p>
            )}
            {due.length + later.length === 0 && (
              <p>All is said: nothing of the next days is left to tell anybody.</p>
            )}
            <ul className="flex flex-col gap-2">
              {[...due, ...later].map((d) => (
                <Draft key={d.cue + d.about + d.told} draft={d} isBusy={sending.isRunning} />
              ))}
            </ul>
          </section>
          <div className="flex flex-col gap-6">
            <Words all={all.data} />
            <SentList all={all.data} />
          </div>
        </div>
      )}
    </BookRoom>
  );
}

const which = (d: MessageDraft, words = d.words) => ({
  cue: d.cue,
  about: d.about,
  told: d.told,
  words,
});

function Draft({ draft: d, isBusy }: { draft: MessageDraft; isBusy: boolean }) {
  const queries = useQueryClient();
  const [words, setWords] = useState<string>();
  const send = useMutation({
    mutationFn: () => api.sendMessage(which(d, words)),
    onSuccess: (now) => queries.setQueryData(KEY, now),
  });
  return (
    <li
      className={`rounded-lg border bg-sheet px-4 py-3 ${d.isDue ? 'border-edge' : 'border-line'}`}
    >
      <p className="flex flex-wrap items-baseline gap-x-3">
        <strong className="text-lg">{d.client}</strong>
        <span className="text-sm text-soft">{d.said}</span>
        <span className="ml-auto text-sm tabular-nums">
          {d.isDue ? 'due' : `from ${formatWeekday(d.due)}`}
        </span>
      </p>
      {(d.isChanged || d.isLost) && (
        <p className="text-sm font-medium text-chalk">
          ▲{' '}
          {d.isLost
            ? 'It was sent and came back. Send it again, or call.'
            : 'Another time was told before; it was moved since.'}
        </p>
      )}
      {words === undefined ? (
        <p className="mt-1 leading-snug whitespace-pre-line">{d.words}</p>
      ) : (
        <TextArea
          label={`Words to ${d.client}`}
          value={words}
          onChange={(e) => setWords(e.target.value)}
          error={
            send.error instanceof Problem
              ? (send.error.at('words')?.message ?? send.error.message)
              : undefined
          }
        />
      )}
      {send.error && words === undefined && (
        <p role="alert" className="mt-1 font-medium text-chalk">
          ✕ {send.error.message}
        </p>
      )}
      <div className="mt-2 flex gap-2">
        <Button
          aria-label={`Send to ${d.client}, ${d.said}`}
          disabled={send.isPending || isBusy}
          onClick={() => send.mutate()}
        >
          <Send size={14} aria-hidden /> {send.isPending ? 'Sending…' : 'Send'}
        </Button>
        <Button look="quiet" onClick={() => setWords(words === undefined ? d.words : undefined)}>
          {words === undefined ? 'Other words for her' : 'As usual'}
        </Button>
      </div>
    </li>
  );
}

function Words({ all }: { all: Messages }) {
  return (
    <section aria-label="In your words" className="rounded-lg border border-line bg-sheet p-4">
      <h2 className="text-xl font-semibold">In your words</h2>
      <p className="text-sm text-soft">
        What stands in braces is filled in: {all.places.map((p) => `{${p}}`).join(', ')}.
      </p>
      {all.templates.map((t) => (
        <Template key={t.cue + t.words} template={t} />
      ))}
    </section>
  );
}

function Template({ template: t }: { template: Messages['templates'][number] }) {
  const queries = useQueryClient();
  const [words, setWords] = useState(t.words);
  const keep = useMutation({
    mutationFn: (said: string) => api.wordMessage(t.cue, said),
    onSuccess: (now) => queries.setQueryData(KEY, now),
  });
  const problem = keep.error instanceof Problem ? keep.error : undefined;
  return (
    <form
      aria-label={t.said}
      className="mt-3"
      onSubmit={(e) => {
        e.preventDefault();
        keep.mutate(words);
      }}
    >
      <TextArea
        label={t.said}
        rows={4}
        value={words}
        onChange={(e) => setWords(e.target.value)}
        error={problem && (problem.at('words')?.message ?? problem.message)}
      />
      <div className="mt-1 flex gap-2">
        <Button type="submit" disabled={words === t.words || keep.isPending}>
          Keep
        </Button>
        {t.words !== t.usual && (
          <Button look="quiet" onClick={() => keep.mutate(t.usual)}>
            Back to the usual words
          </Button>
        )}
      </div>
    </form>
  );
}

const FEW = 6;

function SentList({ all }: { all: Messages }) {
  const [isWhole, setWhole] = useState(false);
  if (all.sent.length === 0) return null;
  return (
    <section aria-label="Sent" className="rounded-lg border border-line bg-sheet p-4">
      <h2 className="text-xl font-semibold">Sent</h2>
      <ul className="mt-1 divide-y divide-line text-sm">
        {(isWhole ? all.sent : all.sent.slice(0, FEW)).map((s) => (
          <li key={s.id} className="py-2">
            <p className="flex justify-between gap-3">
              <strong>{s.client}</strong>
              <span className="text-soft tabular-nums">{formatMoment(s.at)}</span>
            </p>
            {s.isLost && <p className="font-medium text-chalk">▲ came back</p>}
            <p className="leading-snug whitespace-pre-line text-soft">{s.words}</p>
          </li>
        ))}
      </ul>
      {!isWhole && all.sent.length > FEW && (
        <Button look="quiet" onClick={() => setWhole(true)}>
          {plural(all.sent.length - FEW, 'more', 'more')}
        </Button>
      )}
    </section>
  );
}
