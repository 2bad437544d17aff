import { ArrowLeft } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';

interface Props {
  title: ReactNode;
  /** What stands right beside the title. */
  aside?: ReactNode;
  /** What stands at the far end. */
  children?: ReactNode;
}

/** The head of a page of practice, with the way back to all of it. */
export function PracticeHeader({ title, aside, children }: Props) {
  return (
    <header className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line bg-sheet px-4 py-2">
      <Link
        to="/practice"
        className="inline-flex items-center gap-1 text-soft hover:text-ink print:hidden"
      >
        <ArrowLeft size={16} aria-hidden /> Practice
      </Link>
      <h1 className="min-w-0 truncate text-xl font-semibold">{title}</h1>
      {aside}
      <span className="grow" />
      {children}
    </header>
  );
}
