import { hairLinesQuery } from '../../../api/queries';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api } from '../../../api/client';
import type { Lesson } from '../../../api/types';
import { plural } from '../../../lib/time';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Field';
import { BookLinks } from '../BookLinks';
import { peopleQuery } from '../day/diary.queries';
import { LessonTape } from './LessonTape';

const FROM: Record<Lesson['from'], string> = {
  NOWHERE: 'not seen yet',
  HANDS: 'by her hands, on all hair',
  TEXTURE: 'on lines of this texture',
  LINE: 'on this line',
};

/** What visits taught: the usual value, each visit, and what is believed; a visit can be left out, a value refused. */
export function LearnedPage() {
  const people = useQuery(peopleQuery());
  const lines = useQuery(hairLinesQuery());
  const [chosenStylist, setStylist] = useState('');
  const [chosenLine, setLine] = useState('');
  const stylist = chosenStylist || people.data?.stylists[0]?.id || '';
  const line = chosenLine || lines.data?.[0]?.id || '';
  const learning = useQuery({
    queryKey: ['learning', stylist, line],
    queryFn: () => api.learning(stylist, line),
    enabled: stylist !== '' && line !== '',
  });
  const queries = useQueryClient();
  const anew = () => queries.invalidateQueries({ queryKey: ['learning'] });
  const leaveOut = useMutation({
    mutationFn: ({ id, isLeftOut }: { id: string; isLeftOut: boolean }) =>
      api.leaveVisitOut(id, isLeftOut),
    onSettled: anew,
  });
  const refuse = useMutation({
    mutationFn: (l: Lesson) => api.refuseLesson(stylist, l.what, !l.isRefused),
    onSettled: anew,
  });
  const seen = (learning.data?.lessons ?? []).filter((l) => l.points.length > 0);
  const unseen = (learning.data?.lessons ?? []).filter((l) => l.points.length === 0);
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-4 py-5 sm:px-8 sm:py-6">
      <header className="mb-5 flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="mr-auto">
          <h1 className="text-3xl leading-none font-semibold">Learned</h1>
          <p className="mt-1 max-w-prose text-soft">
            The pencil tick is usual, each dot a visit, the stop what new plans take. The usual
            value counts as much as two visits; one visit alone teaches nothing.
          </p>
        </div>
        <BookLinks />
      </header>
      <div className="mb-5 flex flex-wrap gap-4">
        <Choice
          label="Whose hands"
          value={stylist}
          options={(people.data?.stylists ?? []).map((s) => ({ value: s.id, words: s.name }))}
          onChoose={setStylist}
        />
        <Choice
          label="Which hair"
          value={line}
          options={(lines.data ?? []).map((l) => ({
            value: l.id,
            words: `${l.name}, ${l.textureWords}`,
          }))}
          onChoose={setLine}
        />
      </div>
      {people.data?.stylists.length === 0 && (
        <p className="text-soft">Nobody works here yet; write somebody down under People.</p>
      )}
      <ul aria-label="What was learned" className="flex flex-col gap-3">
        {seen.map((l) => (
          <li
            key={l.what}
            className={`grid items-center gap-x-5 gap-y-1 rounded-lg border border-line bg-sheet px-4 py-3 lg:grid-cols-[15rem_1fr_9rem] ${
              l.isRefused ? 'opacity-70' : ''
            }`}
          >
            <div>
              <h2 className="font-semibold first-letter:uppercase">{l.words}</h2>
              <p className="text-sm text-soft">
                {l.visits > 0
                  ? `from ${plural(l.visits, 'visit')}, ${FROM[l.from]}`
                  : 'one visit more is needed'}
              </p>
            </div>
            <LessonTape
              lesson={l}
              onLeaveOut={(p) => leaveOut.mutate({ id: p.visitId, isLeftOut: !p.isLeftOut })}
            />
            <Button onClick={() => refuse.mutate(l)}>
              {l.isRefused ? 'take it after all' : 'keep to the usual'}
            </Button>
          </li>
        ))}
      </ul>
      {unseen.length > 0 && (
        <p className="mt-4 text-soft">Not seen yet: {unseen.map((l) => l.words).join('; ')}.</p>
      )}
    </main>
  );
}
