import { memo } from 'react';
import type { Plan } from '../../../api/types';
import { plural } from '../../../lib/time';
import { useLengths } from '../../../ui/prefs';
import { braided } from '../../../viz/rows';
import { kindOf } from '../../../viz/chart/beads';
import { useBench, useComputed } from '../draft/useBench';
import { useCalm } from '../panels/useCalm';
import { endWords } from './endWords';

/** What the map shows, for those who cannot see it: out of the same plan that it is drawn from. */
export const MapTable = memo(function MapTable() {
  const isMoving = useBench((b) => b.before !== undefined);
  const { plan } = useCalm(useComputed(), isMoving);
  return plan ? <Tables plan={plan} /> : null;
});

function Tables({ plan }: { plan: Plan }) {
  const lengths = useLengths();
  const loops = (zone: string) =>
    plan.stations
      .filter((s) => kindOf(plan, s).zone === zone)
      .reduce((sum, s) => sum + 1 / kindOf(plan, s).shareParts, 0);
  return (
    <section aria-label="The map in words" className="sr-only">
      <p id="map-words">
        {plural(braided(plan).length, 'row')}, {plural(plan.parts.length, 'part')},{' '}
        {plural(plan.stations.length, 'share')}. The tables after it say the same.
      </p>
      <table>
        <caption>Rows</caption>
        <thead>
          <tr>
            <th scope="col">row</th>
            <th scope="col">starts</th>
            <th scope="col">length</th>
            <th scope="col">shares</th>
            <th scope="col">ends</th>
          </tr>
        </thead>
        <tbody>
          {plan.rows.map((r) => (
            <tr key={r.id}>
              <th scope="row">{r.words}</th>
              <td>{lengths.sentence(r.place)}</td>
              <td>{lengths.say(r.lengthMm)}</td>
              <td>{r.stations}</td>
              <td>{endWords(plan, r.id, r.joins)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <table>
        <caption>Hair by zone</caption>
        <thead>
          <tr>
            <th scope="col">zone</th>
            <th scope="col">shares</th>
            <th scope="col">loops</th>
          </tr>
        </thead>
        <tbody>
          {plan.ledger.zones.map((z) => (
            <tr key={z.zone}>
              <th scope="row">{z.words}</th>
              <td>{z.stations}</td>
              <td>{(Math.round(loops(z.zone) * 2) / 2).toFixed(1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
