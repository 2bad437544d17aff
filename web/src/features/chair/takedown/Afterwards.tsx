import { useState } from 'react';
import type { VisitEvent } from '../../../api/types';
import { parseAmount } from '../../../lib/amount';
import { exactMinutes, plural } from '../../../lib/time';
import { Chips } from '../../../ui/Chips';
import { Choice, TextField } from '../../../ui/Field';
import { useWords } from '../../../words';
import type { EventOf } from '../visit/visitEvent';
import type { RecordEvents } from '../visit/recordEvents';
import type { Shown } from '../visit/visitStore';

interface Props {
  shown: Shown;
  record: RecordEvents;
  onClose: () => void;
}

type Grade = EventOf<'LOOPS_KEPT'>['grade'];
type Skin = EventOf<'SKIN_SEEN'>['seen'][number];
type Verdict = EventOf<'JUDGED'>['changes'][number];

/** Once all is out: what is kept, whether own hair was cut, how the skin is, and what is to be otherwise next time. */
export function Afterwards({ shown, record, onClose }: Props) {
  const { grades, conditions, verdicts } = useWords();
  const state = shown.state;
  const [loops, setLoops] = useState('');
  const [grade, setGrade] = useState<Grade>('GOOD');
  const [cut, setCut] = useState('');
  const [skin, setSkin] = useState<Skin[]>(state?.takedown.skin?.seen ?? []);
  const [changes, setChanges] = useState<Verdict[]>(state?.takedown.judged?.changes ?? []);
  const [words, setWords] = useState('');
  if (!state) return null;
  const kept = parseAmount(loops);
  const isOver = state.takedown.isOver;
  const spent = state.stages.get('TAKE_DOWN')?.spentMs ?? 0;
  if (isOver) {
    return (
      <div className="flex flex-col gap-3">
        <p className="text-3xl font-semibold">All is out</p>
        <p className="text-lg">
          {exactMinutes(spent / 60_000)}, and let the scalp rest before the next.
        </p>
        {state.takedown.keptLoops.map((k, i) => (
          <p key={i}>{plural(k.loops, 'loop')} kept.</p>
        ))}
        <button type="button" onClick={onClose} className="self-start underline">
          back to what it came to
        </button>
      </div>
    );
  }
  const over = () => {
    const events: VisitEvent[] = [];
    if (kept) events.push({ kind: 'LOOPS_KEPT', supply: 0, loops: kept, grade });
    if (cut.trim()) events.push({ kind: 'OWN_HAIR_CUT', where: cut.trim() });
    events.push({ kind: 'SKIN_SEEN', seen: skin, words: '' });
    events.push({ kind: 'JUDGED', changes, words: words.trim() });
    events.push({ kind: 'TAKEN_DOWN' });
    void record(events);
  };
  return (
    <div className="flex flex-col gap-4">
      <div className="grid grid-cols-2 gap-3">
        <TextField
          label="Loops washed and kept"
          inputMode="decimal"
          value={loops}
          onChange={(e) => setLoops(e.target.value)}
          error={kept === undefined ? 'A number, 24 say' : undefined}
        />
        <Choice label="How they are" value={grade} options={grades} onChoose={setGrade} />
      </div>
      <TextField
        label="Own hair that was cut, if any"
        placeholder="a wisp at the nape"
        value={cut}
        onChange={(e) => setCut(e.target.value)}
      />
      <Chips label="Seen on the skin" values={skin} options={conditions} onChoose={setSkin} />
      {skin.length > 0 && (
        <p className="border-l-4 border-chalk pl-3">
          Sores, a rash or pain that stays: a doctor or a licensed professional should see it before
          the next install.
        </p>
      )}
      <Chips label="Next time" values={changes} options={verdicts} onChoose={setChanges} />
      <TextField label="And to remember" value={words} onChange={(e) => setWords(e.target.value)} />
      <button
        type="button"
        disabled={kept === undefined}
        onClick={over}
        className="h-16 rounded-lg border-2 border-thread-deep bg-thread text-xl font-semibold text-[#11201a] disabled:opacity-50"
      >
        All is out
      </button>
    </div>
  );
}
