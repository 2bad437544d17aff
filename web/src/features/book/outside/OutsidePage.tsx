import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { MessageSquare, Ruler, Scale, Tags, Truck, type LucideIcon } from 'lucide-react';
import { useState } from 'react';
import { api } from '../../../api/client';
import type { Outside, OutsideThing } from '../../../api/types';
import { LabelStrip } from '../../../outside/LabelStrip';
import { Button } from '../../../ui/Button';
import { Chips } from '../../../ui/Chips';
import { BookRoom } from '../BookRoom';

const ICONS: Record<OutsideThing, LucideIcon> = {
  TAPE: Ruler,
  SCALE: Scale,
  LABELS: Tags,
  SUPPLIERS: Truck,
  MESSAGES: MessageSquare,
};
const KEY = ['outside'];
const STEP_MS = 100;
const SECOND = 1000;
const MAX_GRAMS = 600;

const HEADS = [
  { id: 'SMALL', words: 'a small head' },
  { id: 'MEDIUM', words: 'a medium head' },
  { id: 'LARGE', words: 'a large head' },
] as const;

/** What is outside the book; as long as nothing real is there, how its stand-ins behave. */
export function OutsidePage() {
  const all = useQuery({ queryKey: KEY, queryFn: api.outside });
  return (
    <BookRoom
      title="Outside"
      tells="Nothing real is connected. Each of these stands in for a device or a service, so that its part of the work can be tried out: how slow it is, and what goes wrong with it."
      error={all.error}
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4 lg:grid-cols-2">
        {all.data?.standIns.map((s) => (
          <Panel key={s.id} standIn={s} all={all.data} />
        ))}
      </div>
    </BookRoom>
  );
}

function Panel({ standIn: s, all }: { standIn: Outside['standIns'][number]; all: Outside }) {
  const queries = useQueryClient();
  const [delay, setDelay] = useState(s.delayMs);
  const set = useMutation({
    mutationFn: (change: { delayMs?: number; faults?: string[] }) =>
      api.setOutside(s.id, {
        delayMs: change.delayMs ?? delay,
        faults: (change.faults ?? s.faults.filter((f) => f.isOn).map((f) => f.id)) as never,
      }),
    onSuccess: (now) => queries.setQueryData(KEY, now),
  });
  const Icon = ICONS[s.id];
  const wrong = s.faults.filter((f) => f.isOn).map((f) => f.id);
  return (
    <section aria-label={s.words} className="rounded-lg border border-line bg-sheet px-5 py-4">
      <h2 className="flex items-center gap-2 text-lg font-semibold">
        <Icon size={22} aria-hidden /> {s.words}
        {wrong.length > 0 && <span className="text-sm font-medium text-chalk">▲ disturbed</span>}
      </h2>
      <p className="mt-0.5 text-sm text-soft">{s.tells}</p>
      <label className="mt-3 grid grid-cols-[minmax(0,7rem)_minmax(0,1fr)_3.5rem] items-center gap-3 text-sm">
        <span className="text-soft">Takes its time</span>
        <input
          type="range"
          className="accent-ink"
          min={0}
          max={all.slowestMs}
          step={STEP_MS}
          value={delay}
          onChange={(e) => setDelay(Number(e.target.value))}
          onPointerUp={() => set.mutate({})}
          onKeyUp={() => set.mutate({})}
        />
        <span className="text-right tabular-nums">{(delay / SECOND).toFixed(1)} s</span>
      </label>
      <div className="mt-3">
        <Chips
          label="What goes wrong"
          values={wrong}
          options={s.faults.map((f) => ({ value: f.id, words: f.words }))}
          onChoose={(faults) => set.mutate({ faults })}
        />
      </div>
      {s.id === 'TAPE' && <TapeHand />}
      {s.id === 'SCALE' && <Lies grams={all.lies} />}
      {s.id === 'LABELS' && <Out />}
      {set.error && (
        <p role="alert" className="mt-2 font-medium text-chalk">
          ✕ {set.error.message}
        </p>
      )}
    </section>
  );
}

/** Somebody lays the tape on. */
function TapeHand() {
  const measure = useMutation({ mutationFn: api.measureWithTape });
  return (
    <div className="mt-3 flex flex-wrap items-center gap-2 border-t border-line pt-3 text-sm">
      <span className="text-soft">Measure</span>
      {HEADS.map((h) => (
        <Button key={h.id} onClick={() => measure.mutate(h.id)}>
          {h.words}
        </Button>
      ))}
      {measure.isSuccess && (
        <span role="status" className="text-soft">
          It sends what it reads; whoever listens hears it.
        </span>
      )}
    </div>
  );
}

function Lies({ grams }: { grams: number }) {
  const queries = useQueryClient();
  const [lies, setLies] = useState(grams);
  const lay = useMutation({
    mutationFn: api.layOnScale,
    onSuccess: (now) => queries.setQueryData(KEY, now),
  });
  return (
    <label className="mt-3 grid grid-cols-[minmax(0,7rem)_minmax(0,1fr)_3.5rem] items-center gap-3 border-t border-line pt-3 text-sm">
      <span className="text-soft">What lies on it</span>
      <input
        type="range"
        className="accent-ink"
        min={0}
        max={MAX_GRAMS}
        value={lies}
        onChange={(e) => {
          setLies(Number(e.target.value));
          lay.mutate(Number(e.target.value));
        }}
      />
      <span className="text-right tabular-nums">{lies} g</span>
    </label>
  );
}

const SOMETIMES = 2000;

function Out() {
  const out = useQuery({
    queryKey: ['labels-out'],
    queryFn: api.labelsOut,
    refetchInterval: SOMETIMES,
  });
  return (
    <div className="mt-3 border-t border-line pt-3">
      {out.data && out.data.length > 0 ? (
        <LabelStrip label="What came out" labels={out.data} />
      ) : (
        <p className="text-sm text-soft">
          Nothing came out yet. Labels are printed from the papers of a plan.
        </p>
      )}
    </div>
  );
}
