import { useState } from 'react';
import type { Ledger } from '../../../api/types';
import { formatMoney } from '../../../lib/money';
import { formatMinutes } from '../../../lib/time';
import { Modal } from '../../../ui/Modal';
import { useBench, useRead } from '../draft/useBench';
import { Consequences } from '../panels/Consequences';
import { useMinded } from './useMinded';

/** What the plan comes to in a line: the figures a stylist is asked for; touched, it opens all of it. */
export function Strip({ isTight = false }: { isTight?: boolean }) {
  const [isOpen, setOpen] = useState(false);
  const read = useRead();
  const before = useBench((b) => b.before);
  const toMind = Object.values(useMinded()).reduce((n, m) => n + m.count, 0);
  const l = read?.ledger;
  return (
    <>
      <button
        type="button"
        aria-label="What it comes to"
        onClick={() => setOpen(true)}
        className={`flex w-full shrink-0 items-center justify-between bg-sheet text-left hover:bg-well ${isTight ? 'min-h-14 gap-2 px-3' : 'min-h-16 gap-6 border-t border-line px-4'}`}
      >
        {l ? figures(l, before, toMind).map((f) => <StripFigure key={f.label} {...f} />) : ' '}
      </button>
      <Modal title="What it comes to" isOpen={isOpen} onClose={() => setOpen(false)}>
        <Consequences className="w-full border-none" />
      </Modal>
    </>
  );
}

interface Figure {
  label: string;
  figure: string;
  was: string | undefined;
}

function figures(l: Ledger, before: Ledger | undefined, toMind: number): Figure[] {
  const was = (of: (l: Ledger) => string) =>
    before && of(before) !== of(l) ? of(before) : undefined;
  const one = (label: string, of: (l: Ledger) => string): Figure => ({
    label,
    figure: of(l),
    was: was(of),
  });
  return [
    one('loops', (x) => String(x.neededLoops)),
    one(l.packs === 1 ? 'pack' : 'packs', (x) => String(x.packs)),
    one('in the chair', (x) => formatMinutes(x.chairMinutes.likely)),
    one('hair', (x) => formatMoney(x.costMinor, x.currency)),
    { label: 'to mind', figure: String(toMind), was: undefined },
  ];
}

function StripFigure({ label, figure, was }: Figure) {
  return (
    <span className="min-w-0 leading-tight">
      <span className="block text-xs whitespace-nowrap text-soft">
        {was === undefined ? label : `was ${was}`}
      </span>
      <span className="block text-xl font-semibold whitespace-nowrap">{figure}</span>
    </span>
  );
}
