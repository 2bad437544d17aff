import { useQuery } from '@tanstack/react-query';
import { Search } from 'lucide-react';
import { useDeferredValue, useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Hit } from '../api/types';

const KINDS: Record<Hit['kind'], string> = {
  CLIENT: 'client',
  PLAN: 'plan',
  LINE: 'hair',
  VISIT: 'visit',
};

const pathOf = (h: Hit): string =>
  ({
    CLIENT: `/book/clients/${h.id}`,
    PLAN: `/bench/${h.id}`,
    LINE: `/shelf?line=${h.id}`,
    VISIT: `/chair/${h.id}`,
  })[h.kind];

/** Finds clients, plans, hair and visits by any part of a name; a stroke on `/` comes here from anywhere. */
export function FindField() {
  const [text, setText] = useState('');
  const [isOpen, setOpen] = useState(false);
  const [at, setAt] = useState(0);
  const field = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const asked = useDeferredValue(text.trim());
  const hits = useQuery({
    queryKey: ['find', asked],
    queryFn: () => api.find(asked),
    enabled: asked !== '',
    placeholderData: (before) => before,
  });
  const all = asked === '' ? [] : (hits.data ?? []);
  useEffect(() => {
    const onKey = (e: globalThis.KeyboardEvent) => {
      const on = e.target as HTMLElement;
      const isTyping = on.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(on.tagName);
      if (e.key !== '/' || e.ctrlKey || e.metaKey || e.altKey || isTyping) return;
      e.preventDefault();
      field.current?.focus();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const go = (h: Hit) => {
    setOpen(false);
    setText('');
    field.current?.blur();
    void navigate(pathOf(h));
  };
  const onKeyDown = (e: KeyboardEvent) => {
    const hit = all[at];
    if (e.key === 'ArrowDown') setAt(Math.min(at + 1, all.length - 1));
    else if (e.key === 'ArrowUp') setAt(Math.max(at - 1, 0));
    else if (e.key === 'Enter' && hit) go(hit);
    else if (e.key === 'Escape') {
      setOpen(false);
      field.current?.blur();
    } else return;
    e.preventDefault();
  };
  return (
    <div className="relative hidden md:block">
      <Search
        size={15}
        aria-hidden
        className="pointer-events-none absolute top-1/2 left-2.5 -translate-y-1/2 text-soft"
      />
      <input
        ref={field}
        type="search"
        role="combobox"
        aria-label="Find anything"
        aria-expanded={isOpen && all.length > 0}
        aria-controls="found"
        aria-activedescendant={all[at] ? `found-${at}` : undefined}
        placeholder="Find   /"
        value={text}
        onFocus={() => setOpen(true)}
        onBlur={() => setOpen(false)}
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
          setOpen(true);
        }}
        onKeyDown={onKeyDown}
        className="h-8 w-32 rounded-md border border-edge bg-sheet pr-2 pl-8 focus:w-56 xl:w-44"
      />
      {isOpen && asked !== '' && (
        <ul
          id="found"
          role="listbox"
          aria-label="Found"
          className="absolute top-full right-0 z-40 mt-1 max-h-[70vh] w-96 overflow-y-auto rounded-lg border border-edge bg-sheet p-1 shadow-xl"
        >
          {all.map((h, i) => (
            <li
              key={h.kind + h.id}
              id={`found-${i}`}
              role="option"
              aria-selected={i === at}
              onMouseDown={(e) => {
                e.preventDefault();
                go(h);
              }}
              onMouseEnter={() => setAt(i)}
              className="flex cursor-pointer items-baseline gap-2 rounded px-2 py-1 aria-selected:bg-well"
            >
              <span className="w-12 shrink-0 text-xs text-soft">{KINDS[h.kind]}</span>
              <span className="min-w-0 flex-1 truncate font-semibold">{h.name}</span>
              <span className="max-w-40 truncate text-sm text-soft">{h.under}</span>
            </li>
          ))}
          {all.length === 0 && hits.isFetched && (
            <li className="px-2 py-1 text-soft">Nothing is called “{asked}”.</li>
          )}
        </ul>
      )}
    </div>
  );
}
