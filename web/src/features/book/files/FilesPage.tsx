import { CalendarDays, Contact, FileDown, Table2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { api } from '../../../api/client';
import { plural } from '../../../lib/time';
import { FileFaults, FileIn, FileOut } from '../../../ui/FileIn';
import { useMay } from '../../door';
import { BookRoom } from '../BookRoom';
import { Backups } from './Backups';

/** What of the book goes out to other programs, and comes in from them. */
export function FilesPage() {
  const isOwner = useMay('OWNER');
  return (
    <BookRoom
      title="In and out"
      tells="Before anything comes in, you are told what would be new and what would change; as long as something is wrong in a file, nothing is done."
    >
      <div className="flex max-w-5xl flex-col gap-3">
        <Way
          icon={<CalendarDays size={22} aria-hidden />}
          title="Appointments"
          tells="For the calendar on your telephone: appointments and what is to be looked after, a month back and a year ahead. Read there a second time they change and are not doubled; what you move there can be moved here."
        >
          <FileOut href="/api/diary/calendar.ics">
            <FileDown size={16} aria-hidden /> Calendar (.ics)
          </FileOut>
          <FileIn
            words="Move by a calendar"
            label="Calendar to move by"
            accept=".ics,text/calendar"
            read={api.movedByCalendar}
            title={(name) => `Move by ${name}`}
            told={(read) => <Moves read={read} />}
            changes={(read) => read.changed}
            offer={(n) => (n === 0 ? 'Nothing to move' : `Move ${plural(n, 'appointment')}`)}
            done={(n) => `${plural(n, 'appointment')} moved.`}
          />
        </Way>
        <Way
          icon={<Contact size={22} aria-hidden />}
          title="Clients"
          tells="Names, wishes and notes as cards for an address book, and out of one. Whoever is new gets a medium head until she is measured."
        >
          <FileOut href="/api/clients/cards.vcf">
            <FileDown size={16} aria-hidden /> Cards (.vcf)
          </FileOut>
          <FileIn
            words="Take cards in"
            label="Cards to take in"
            accept=".vcf,text/vcard"
            read={api.cards}
            title={(name) => `Take in ${name}`}
            told={(read) => <Cards read={read} />}
            changes={(read) => read.added + read.changed}
            offer={(n) => (n === 0 ? 'Nobody to take in' : `Take ${plural(n, 'card')} in`)}
            done={(n) => `${plural(n, 'card')} taken in.`}
          />
        </Way>
        <Way
          icon={<Table2 size={22} aria-hidden />}
          title="Visits"
          tells="The visits of a year for a spreadsheet: whose, by whom, loops used, minutes, and what there is to say of each."
        >
          <FileOut href="/api/visits/table.csv">
            <FileDown size={16} aria-hidden /> Table (.csv)
          </FileOut>
        </Way>
        {isOwner && <Backups />}
      </div>
    </BookRoom>
  );
}

function Way(props: { icon: ReactNode; title: string; tells: string; children: ReactNode }) {
  return (
    <section
      aria-label={props.title}
      className="grid items-center gap-x-6 gap-y-3 rounded-lg border border-line bg-sheet px-5 py-4 lg:grid-cols-[1fr_auto]"
    >
      <div className="max-w-2xl">
        <h2 className="flex items-center gap-2 text-lg font-semibold">
          {props.icon} {props.title}
        </h2>
        <p className="mt-1 text-sm leading-snug text-soft">{props.tells}</p>
      </div>
      <div className="flex flex-wrap items-center gap-2">{props.children}</div>
    </section>
  );
}

function Moves({ read }: { read: Awaited<ReturnType<typeof api.movedByCalendar>> }) {
  if (read.faults.length > 0) {
    return <FileFaults faults={read.faults.map((f) => ({ where: f.event, reason: f.reason }))} />;
  }
  return (
    <>
      <p>
        <strong>{read.changed}</strong> moved, <strong>{read.left}</strong> as the book says
        {read.others > 0 && <>, {read.others} not of this book</>}.
      </p>
      <ul className="mt-3">
        {read.moves.map((m) => (
          <li key={m.words + m.was} className="border-b border-line py-1">
            {m.words}
            <span className="block text-sm">
              <span className="text-soft">{m.was}</span> → <strong>{m.is}</strong>
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}

function Cards({ read }: { read: Awaited<ReturnType<typeof api.cards>> }) {
  if (read.faults.length > 0) {
    return (
      <FileFaults
        faults={read.faults.map((f) => ({
          where: [f.card > 0 && `Card ${f.card}`, f.name, f.field].filter(Boolean).join(', '),
          reason: f.reason,
        }))}
      />
    );
  }
  return (
    <>
      <p>
        <strong>{read.added}</strong> new, <strong>{read.changed}</strong> changed,{' '}
        <strong>{read.left}</strong> as the book says.
      </p>
      {read.passedOver.length > 0 && (
        <p className="mt-1 text-sm text-soft">
          Left away, since the book has no place for it: {read.passedOver.join(', ')}.
        </p>
      )}
      <ul className="mt-3">
        {read.changes.map((c) => (
          <li key={c.card} className="border-b border-line py-1">
            {c.name}{' '}
            <span className="text-sm text-soft">{c.isNew ? 'new' : c.what.join(', ')}</span>
          </li>
        ))}
      </ul>
    </>
  );
}
