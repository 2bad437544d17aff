import { FileDown } from 'lucide-react';
import { api } from '../../api/client';
import { sayLoops } from '../../lib/amount';
import { plural } from '../../lib/time';
import { FileFaults, FileIn, FileOut } from '../../ui/FileIn';

type TableRead = Awaited<ReturnType<typeof api.stockTable>>;

/** The shelf for a spreadsheet, and back: what a table would change is told before anything is put down. */
export function CountByTable() {
  return (
    <section aria-label="As a table" className="mb-5 flex max-w-3xl flex-wrap items-center gap-2">
      <FileOut href="/api/stock/table.csv">
        <FileDown size={16} aria-hidden /> The shelf as a table (CSV)
      </FileOut>
      <FileIn
        words="Count by a table"
        label="Table to count by"
        accept=".csv,.txt,text/csv"
        read={api.stockTable}
        title={(name) => `Count by ${name}`}
        told={(read) => <Told read={read} />}
        changes={(read) => read.added + read.changed}
        offer={(n) => (n === 0 ? 'Nothing to put down' : `Put down ${plural(n, 'count')}`)}
        done={(n) => `${plural(n, 'count')} put down.`}
      />
    </section>
  );
}

function Told({ read }: { read: TableRead }) {
  if (read.faults.length > 0) {
    return (
      <FileFaults
        faults={read.faults.map((f) => ({
          where: [f.line > 0 && `Line ${f.line}`, f.column].filter(Boolean).join(', '),
          reason: f.reason,
        }))}
      />
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
