import { useQuery } from '@tanstack/react-query';
import { Search } from 'lucide-react';
import { useDeferredValue, useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import type { Hit } from '../api/types';
import { Suggest } from '../ui/Suggest';

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
    setText('');
    field.current?.blur();
    void navigate(pathOf(h));
  };
  return (
    <div className="relative hidden md:block">
      <Search
        size={15}
        aria-hidden
        className="pointer-events-none absolute top-1/2 left-2.5 -translate-y-1/2 text-soft"
      />
      <Suggest
        field={field}
        type="search"
        aria-label="Find anything"
        placeholder="Find   /"
        className="h-8 w-32 rounded-md border border-edge bg-sheet pr-2 pl-8 focus:w-56 xl:w-44"
        text={text}
        onText={setText}
        found={all}
        isBehind={asked !== text.trim() || hits.isPlaceholderData}
        keyOf={(h) => h.kind + h.id}
        onChoose={go}
        empty={asked !== '' && hits.isFetched && `Nothing is called “${asked}”.`}
        listLabel="Found"
        listId="found"
        listClass="right-0 w-96"
      >
        {(h) => (
          <>
            <span className="w-12 shrink-0 text-xs text-soft">{KINDS[h.kind]}</span>
            <span className="min-w-0 flex-1 truncate font-semibold">{h.name}</span>
            <span className="max-w-40 truncate text-sm text-soft">{h.under}</span>
          </>
        )}
      </Suggest>
    </div>
  );
}
