import type { ReactNode } from 'react';
import type { Plan, StationKind } from '../../../api/types';
import { plural } from '../../../lib/time';
import { useLengths, usePrefs } from '../../../ui/prefs';
import { kindOf } from '../../../viz/chart/beads';
import { endWords } from './endWords';
import { useBench } from '../draft/useBench';

/** What is in her hand: a station, else a row. */
export function HeldCard({ plan }: { plan: Plan }) {
  const lengths = useLengths();
  const isTurned = usePrefs((p) => p.isTurned);
  const heldRow = useBench((b) => b.heldRow);
  const row = plan.rows.find((r) => r.id === heldRow);
  const heldStation = useBench((b) => b.heldStation);
  const station = plan.stations.find((s) => s.id === heldStation);
  // The tab for one row says it all already.
  const isTold = useBench((b) => b.step === 'foundation' && b.rowTab === 'row');
  const rowOfStation = station && plan.rows.find((r) => r.id === station.row);

  if (station && rowOfStation) {
    const kind = kindOf(plan, station);
    return (
      <Card
        title={`${rowOfStation.words}, share ${station.id.split('/')[1]}`}
        isWide
        isOnLeft={station.x * (isTurned ? -1 : 1) > 0 && station.y < 0}
      >
        <Fact name="share" words={kind.shareWords} />
        <Fact name="knot" words={kind.tieWords} />
        <Fact name="holds" words={holdWords(kind.hold)} />
        <Fact name="goes through" words={kind.legWords} />
        <Fact name="hook in" words={kind.bearingWords} />
        <Fact name="because" words={kind.roleWords} />
        <Fact name="hair" words={hairWords(plan, kind.strand)} />
        <Fact name="from the start" words={lengths.say(station.alongMm)} />
        <Fact
          name="after the last"
          words={
            station.gapMm === null
              ? 'first one'
              : `${lengths.say(station.gapMm)}, ${lengths.say(station.clearMm ?? 0)} clear`
          }
        />
        {kind.extraHolds.length > 0 && <Fact name="also" words={kind.extraHolds.join('; ')} />}
      </Card>
    );
  }
  if (row && !isTold) {
    return (
      <Card title={row.words}>
        <Fact name="length" words={lengths.say(row.lengthMm)} />
        <Fact name="gathers" words={`${lengths.say(row.stripWidthMm)} wide`} />
        <Fact name="plait about" words={lengths.say(row.braidWidthMm)} />
        <Fact name="hooked" words={plural(row.stations, 'share')} />
        <Fact
          name="carries"
          words={`${row.gramsPerCm.toFixed(1)} of ${row.limitGramsPerCm.toFixed(1)} g/cm`}
        />
        <Fact name="braided" words={`in step ${row.order}`} />
        <Fact name="ends" words={endWords(plan, row.id, row.joins)} />
      </Card>
    );
  }
  return null;
}

const hairWords = (plan: Plan, strand: number): string => {
  const hair = plan.hairs[strand];
  return hair ? `${hair.name}, ${hair.colour}` : '';
};

const holdWords = (hold: StationKind['hold']): string =>
  `${hold.lasts ? '' : '▲ '}${Math.round(hold.score * 100)} %`;

interface CardProps {
  title: string;
  children: ReactNode;
  isWide?: boolean;
  /** Whether it stands on the left, so that it does not lie over what it tells of. */
  isOnLeft?: boolean;
}

function Card({ title, children, isWide = false, isOnLeft = false }: CardProps) {
  return (
    <div
      role="status"
      className={`pointer-events-none absolute bottom-3 z-20 max-w-[95%] rounded-md border border-ink bg-sheet px-4 py-2 leading-tight shadow-lg ${
        isOnLeft ? 'left-3' : 'right-3'
      } ${isWide ? 'w-88' : 'w-60'}`}
    >
      <p className="mb-0.5 font-semibold first-letter:uppercase">{title}</p>
      <dl className={`grid gap-x-4 gap-y-1 ${isWide ? 'grid-cols-3' : 'grid-cols-2'}`}>
        {children}
      </dl>
    </div>
  );
}

function Fact({ name, words }: { name: string; words: string }) {
  return (
    <div>
      <dt className="text-xs text-soft">{name}</dt>
      <dd className="font-semibold">{words}</dd>
    </div>
  );
}
