import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Archive, FileDown, Square } from 'lucide-react';
import { useState } from 'react';
import { api } from '../../../api/client';
import { Problem } from '../../../api/problems';
import type { Backups as All } from '../../../api/types';
import { formatBytes } from '../../../lib/bytes';
import { formatMoment, plural } from '../../../lib/time';
import { Button } from '../../../ui/Button';
import { Choice, TextField } from '../../../ui/Field';
import { FileOut } from '../../../ui/FileIn';
import { Gauge } from '../../../ui/Gauge';

const KEY = ['backups'];

/** How often it is asked how far one is, ms. */
const OFTEN = 400;
const SELDOM = 60_000;

/** The whole book as files in a folder of hers: how often, how many, and those that are there. */
export function Backups() {
  const all = useQuery({
    queryKey: KEY,
    queryFn: api.backups,
    refetchInterval: (q) => (q.state.data?.running ? OFTEN : SELDOM),
  });
  return (
    <section
      aria-label="The whole book"
      className="rounded-lg border border-line bg-sheet px-5 py-4"
    >
      <h2 className="flex items-center gap-2 text-lg font-semibold">
        <Archive size={22} aria-hidden /> The whole book
      </h2>
      <p className="mt-1 max-w-2xl text-sm leading-snug text-soft">
        Everything that is kept, with its pictures, in one file that any program can read. It is
        made while work goes on and read once more before it counts. Best on another disk: what is
        only here goes when this machine goes.
        {all.data?.isSealed && ' Sealed with the passphrase of your book.'}
      </p>
      {all.data && <Told key={all.data.wish.folder} all={all.data} />}
    </section>
  );
}

function Told({ all }: { all: All }) {
  const queries = useQueryClient();
  const show = (now: All) => queries.setQueryData(KEY, now);
  const [draft, setDraft] = useState(all.wish);
  const keep = useMutation({ mutationFn: api.wishBackups, onSuccess: show });
  const begin = useMutation({ mutationFn: api.beginBackup, onSuccess: show });
  const stop = useMutation({ mutationFn: api.stopBackup, onSuccess: show });
  const problem = keep.error instanceof Problem ? keep.error : undefined;
  const other = [begin.error, stop.error, problem?.fields.length === 0 ? problem : null].find(
    (e) => e,
  );
  const isSame =
    draft.folder === all.wish.folder &&
    draft.every === all.wish.every &&
    draft.kept === all.wish.kept;
  return (
    <>
      <form
        aria-label="Backups by themselves"
        className="mt-3 grid items-start gap-3 sm:grid-cols-[1fr_10rem_8rem_auto]"
        onSubmit={(e) => {
          e.preventDefault();
          keep.mutate(draft);
        }}
      >
        <TextField
          label="Folder"
          placeholder="such as /media/stick/gyrotaxis"
          value={draft.folder ?? ''}
          onChange={(e) => setDraft({ ...draft, folder: e.target.value })}
          error={problem?.at('folder')?.message}
        />
        <Choice
          label="By itself"
          value={draft.every ?? 'DAY'}
          options={all.choices.map((c) => ({ value: c.id, words: c.words }))}
          onChoose={(every) => setDraft({ ...draft, every })}
        />
        <TextField
          label="Of those, kept"
          inputMode="numeric"
          value={String(draft.kept ?? '')}
          onChange={(e) => setDraft({ ...draft, kept: Number(e.target.value.replace(/\D/g, '')) })}
          error={problem?.at('kept')?.message}
        />
        <Button type="submit" className="sm:mt-5" disabled={keep.isPending || isSame}>
          Keep
        </Button>
      </form>
      {all.wish.folder && (
        <div className="mt-4 border-t border-line pt-3">
          <div className="flex min-h-9 flex-wrap items-center gap-3">
            {all.running ? (
              <>
                <Gauge label={`${all.running.stage} the book`} fraction={all.running.fraction} />
                <Button onClick={() => stop.mutate()}>
                  <Square size={14} aria-hidden /> Stop
                </Button>
              </>
            ) : (
              <Button look="main" disabled={begin.isPending} onClick={() => begin.mutate()}>
                <Archive size={16} aria-hidden /> Put it down now
              </Button>
            )}
            {all.there.length > 0 && (
              <p className="ml-auto text-sm text-soft">
                Put back with <code className="font-mono">./gyrotaxis restore FILE</code>
              </p>
            )}
          </div>
          {all.trouble && !all.running && (
            <p role="alert" className="mt-2 font-medium text-chalk">
              ✕ The last one was not made. {all.trouble}
            </p>
          )}
          {all.there.length === 0 ? (
            <p className="mt-3 text-soft">There is none in this folder yet.</p>
          ) : (
            <There all={all} />
          )}
        </div>
      )}
      {other && (
        <p role="alert" className="mt-2 font-medium text-chalk">
          ✕ {other.message}
        </p>
      )}
    </>
  );
}

const FEW = 5;

function There({ all }: { all: All }) {
  const [isWhole, setWhole] = useState(false);
  return (
    <>
      <ol aria-label="Backups that are there" className="mt-2 text-sm">
        {(isWhole ? all.there : all.there.slice(0, FEW)).map((b) => (
          <li
            key={b.name}
            className="grid items-center gap-x-4 border-t border-line py-1.5 first:border-t-0 sm:grid-cols-[11rem_1fr_5rem_auto]"
          >
            <span className="font-medium tabular-nums">{formatMoment(b.madeAt)}</span>
            <span className="text-soft">
              {b.held
                ? `${plural(b.held.clients, 'client')}, ${plural(b.held.plans, 'plan')}, ${plural(b.held.visits, 'visit')}, ${plural(b.held.pictures, 'picture')}`
                : b.trouble}
            </span>
            <span className="tabular-nums sm:text-right">{formatBytes(b.bytes)}</span>
            <FileOut href={`/api/backups/${b.name}`}>
              <FileDown size={16} aria-hidden /> Take it out
            </FileOut>
          </li>
        ))}
      </ol>
      {!isWhole && all.there.length > FEW && (
        <Button look="quiet" onClick={() => setWhole(true)}>
          {all.there.length - FEW} older
        </Button>
      )}
    </>
  );
}
