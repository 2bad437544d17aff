import { useMutation, useQueryClient } from '@tanstack/react-query';
import { FileDown, FileUp } from 'lucide-react';
import { useRef } from 'react';
import { api } from '../../api/client';
import { sayLoops } from '../../lib/amount';
import { plural } from '../../lib/time';
import { Button } from '../../ui/Button';
import { Modal } from '../../ui/Modal';

type TableRead = Awaited<ReturnType<typeof api.stockTable>>;

/** So many faults are read at once; the rest comes once these are mended. */
const MOST_FAULTS = 12;

/** The shelf for a spreadsheet, and back: what a table would change is told before anything is put down. */
export function CountByTable() {
  const choose = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const told = useMutation({
    mutationFn: async (file: File) => ({ file, read: await api.stockTable(file, false) }),
  });
  const kept = useMutation({
    mutationFn: (file: File) => api.stockTable(file, true),
    onSuccess: (read) => {
      if (!read.isKept) return;
      void queries.invalidateQueries();
      told.reset();
    },
  });
  const read = kept.data && !kept.data.isKept ? kept.data : told.data?.read;
  return (
    <section aria-label="As a table" className="mb-5 flex max-w-3xl flex-wrap items-center gap-2">
      <a
        href="/api/stock/table.csv"
        download
        className="inline-flex min-h-8 items-center gap-1.5 rounded-md border border-edge bg-sheet px-3 text-sm hover:bg-well"
      >
        <FileDown size={16} aria-hidden /> The shelf as a table (CSV)
      </a>
      <Button disabled={told.isPending} onClick={() => choose.current?.click()}>
        <FileUp size={16} aria-hidden /> {told.isPending ? 'Reading it…' : 'Count by a table'}
      </Button>
      <input
        ref={choose}
        type="file"
        accept=".csv,.txt,text/csv"
        aria-label="Table to count by"
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const [file] = e.target.files ?? [];
          kept.reset();
          if (file) told.mutate(file);
          // The same file may be chosen again once it was mended.
          e.target.value = '';
        }}
      />
      {kept.data?.isKept && !read && (
        <p role="status">{plural(kept.data.added + kept.data.changed, 'count')} put down.</p>
      )}
      {(told.error ?? kept.error) && (
        <p role="alert" className="text-chalk">
          ✕ {(told.error ?? kept.error)?.message}
        </p>
      )}
      {told.data && read && (
        <Modal title={`Count by ${told.data.file.name}`} isOpen onClose={() => told.reset()}>
          <Told read={read} />
          {read.faults.length === 0 && (
            <Button
              look="main"
              className="mt-4"
              disabled={kept.isPending || read.added + read.changed === 0}
              onClick={() => kept.mutate(told.data.file)}
            >
              {read.added + read.changed === 0
                ? 'Nothing to put down'
                : `Put down ${plural(read.added + read.changed, 'count')}`}
            </Button>
          )}
        </Modal>
      )}
    </section>
  );
}

function Told({ read }: { read: TableRead }) {
  if (read.faults.length > 0) {
    return (
      <>
        <p className="font-semibold text-chalk">Nothing is put down until this is mended.</p>
        <ul className="mt-2 space-y-1">
          {read.faults.slice(0, MOST_FAULTS).map((f, i) => (
            <li key={i} className="border-l-2 border-chalk pl-2 leading-snug">
              {f.line > 0 && <strong>Line {f.line}</strong>}
              {f.column && `, ${f.column}`}
              {f.line > 0 && ': '}
              {f.reason}
            </li>
          ))}
        </ul>
        {read.faults.length > MOST_FAULTS && (
          <p className="mt-2 text-soft">and {read.faults.length - MOST_FAULTS} more</p>
        )}
      </>
    );
  }
  return (
    <>
      <p>
        <strong>{read.added}</strong> new, <strong>{read.changed}</strong> changed,{' '}
        <strong>{read.left}</strong> as the book says. What is not in the table is left as it is.
      </p>
      {read.changes.length > 0 && (
        <table className="mt-3 w-full">
          <thead>
            <tr className="border-b border-edge text-left text-sm text-soft">
              <th className="py-1 font-normal">what</th>
              <th className="py-1 text-right font-normal">book</th>
              <th className="py-1 text-right font-normal">table</th>
            </tr>
          </thead>
          <tbody>
            {read.changes.map((c) => (
              <tr key={c.line} className="border-b border-line">
                <td className="py-1 pr-3">{c.words}</td>
                <td className="text-right text-soft tabular-nums">{sayLoops(c.was)}</td>
                <td className="text-right font-semibold tabular-nums whitespace-nowrap">
                  {sayLoops(c.is)} {c.unit}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}
