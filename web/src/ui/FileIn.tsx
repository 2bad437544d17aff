import { useMutation, useQueryClient } from '@tanstack/react-query';
import { FileUp } from 'lucide-react';
import { useRef, type ReactNode } from 'react';
import { Button } from './Button';
import { Waiting } from './Waiting';
import { Modal } from './Modal';

/** What a file would do, or did: nothing as long as anything in it is wrong. */
interface ReadFile {
  isKept: boolean;
  faults: readonly unknown[];
}

interface Props<R extends ReadFile> {
  /** What stands on the key. */
  words: string;
  /** What is chosen. */
  label: string;
  accept: string;
  /** Has it read, and done too if that is wished. */
  read: (file: File, keep: boolean, signal: AbortSignal) => Promise<R>;
  title: (name: string) => string;
  /** What would come of it. */
  told: (read: R) => ReactNode;
  /** How many things it would change. */
  changes: (read: R) => number;
  /** What stands on the key that does it, by their number; 0 if there is nothing to do. */
  offer: (changes: number) => string;
  done: (changes: number) => string;
}

const isStop = (e: unknown) => e instanceof DOMException && e.name === 'AbortError';

/** A file that comes in: what it would change is told before anything is done. */
export function FileIn<R extends ReadFile>(props: Props<R>) {
  const choose = useRef<HTMLInputElement>(null);
  const queries = useQueryClient();
  const waiting = useRef(new AbortController());
  const told = useMutation({
    mutationFn: async (file: File) => {
      waiting.current = new AbortController();
      return { file, read: await props.read(file, false, waiting.current.signal) };
    },
  });
  const kept = useMutation({
    mutationFn: (file: File) => props.read(file, true, new AbortController().signal),
    onSuccess: (read) => {
      if (!read.isKept) return;
      void queries.invalidateQueries();
      told.reset();
    },
  });
  const read = kept.data && !kept.data.isKept ? kept.data : told.data?.read;
  // Whoever stopped it knows that it was.
  const problem = (isStop(told.error) ? null : told.error) ?? kept.error;
  return (
    <>
      {told.isPending ? (
        <Waiting words="Reading it" onStop={() => waiting.current.abort()} />
      ) : (
        <Button onClick={() => choose.current?.click()}>
          <FileUp size={16} aria-hidden /> {props.words}
        </Button>
      )}
      <input
        ref={choose}
        type="file"
        accept={props.accept}
        aria-label={props.label}
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
      {kept.data?.isKept && !read && <p role="status">{props.done(props.changes(kept.data))}</p>}
      {problem && (
        <p role="alert" className="text-chalk">
          ✕ {problem.message}
        </p>
      )}
      {told.data && read && (
        <Modal title={props.title(told.data.file.name)} isOpen onClose={() => told.reset()}>
          {props.told(read)}
          {kept.isPending && <Waiting words="Putting it down" />}
          {read.faults.length === 0 && !kept.isPending && (
            <Button
              look="main"
              className="mt-4"
              disabled={props.changes(read) === 0}
              onClick={() => kept.mutate(told.data.file)}
            >
              {props.offer(props.changes(read))}
            </Button>
          )}
        </Modal>
      )}
    </>
  );
}

/** So many faults are read at once; the rest comes once these are mended. */
const MAX_FAULTS = 12;

/** What is wrong in a file: where, and why. */
export function FileFaults({ faults }: { faults: { where: string; reason: string }[] }) {
  return (
    <>
      <p className="font-semibold text-chalk">Nothing is put down until this is mended.</p>
      <ul className="mt-2 space-y-1">
        {faults.slice(0, MAX_FAULTS).map((f, i) => (
          <li key={i} className="border-l-2 border-chalk pl-2 leading-snug">
            {f.where && <strong>{f.where}: </strong>}
            {f.reason}
          </li>
        ))}
      </ul>
      {faults.length > MAX_FAULTS && (
        <p className="mt-2 text-soft">and {faults.length - MAX_FAULTS} more</p>
      )}
    </>
  );
}

/** A file that goes out. */
export function FileOut({ href, children }: { href: string; children: ReactNode }) {
  return (
    <a
      href={href}
      download
      className="inline-flex min-h-8 items-center gap-1.5 rounded-md border border-edge bg-sheet px-3 text-sm hover:bg-well"
    >
      {children}
    </a>
  );
}
