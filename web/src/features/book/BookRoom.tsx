import type { ReactNode } from 'react';
import { BookLinks } from './BookLinks';

interface Props {
  title: string;
  tells: ReactNode;
  /** What could not be asked for. */
  error?: Error | null;
  children: ReactNode;
}

/** A room of the book: what it is for, the way to the others, and what is in it. */
export function BookRoom({ title, tells, error, children }: Props) {
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8 sm:py-6">
      <header className="mb-5 flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="mr-auto">
          <h1 className="text-3xl leading-none font-semibold">{title}</h1>
          <p className="mt-1 max-w-prose text-soft">{tells}</p>
        </div>
        <BookLinks />
      </header>
      {error && (
        <p role="alert" className="font-medium text-chalk">
          ✕ {error.message}
        </p>
      )}
      {children}
    </main>
  );
}
