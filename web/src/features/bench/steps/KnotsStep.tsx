import { useLengths } from '../../../ui/prefs';
import { useComputed } from '../useBench';

/** How each zone is hooked; regular knots throughout for now. */
export function KnotsStep() {
  const { plan } = useComputed();
  const lengths = useLengths();
  if (!plan) return null;
  return (
    <>
      <p className="text-sm text-soft">
        Regular knots throughout: both legs through the loop. Hooked closest in front, widest at the
        nape, since hair from above covers what lies below.
      </p>
      <table className="w-full text-sm">
        <thead>
          <tr className="border-b border-edge text-left text-xs text-soft">
            <th className="py-1 font-normal">zone</th>
            <th className="font-normal">centre to centre</th>
            <th className="font-normal">share</th>
            <th className="text-right font-normal">stations</th>
          </tr>
        </thead>
        <tbody>
          {plan.ledger.zones.map((z) => (
            <tr key={z.zone} className="border-b border-line">
              <th className="py-1.5 text-left font-semibold">{z.words}</th>
              <td>{lengths.say(z.spacingMm)}</td>
              <td>{z.shareWords}</td>
              <td className="text-right">{z.stations}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-xs text-soft">
        Spacing on a strip one and a half fingers wide; wider strips are hooked closer. All of it is
        an estimate until visits are recorded.
      </p>
    </>
  );
}
