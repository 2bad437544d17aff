import { Dial } from '../../../ui/Dial';
import { LengthField } from '../../../ui/LengthField';
import { useLengths } from '../../../ui/prefs';
import { useBench, useComputed, useFieldError } from '../useBench';

type Rows = 'frontRows' | 'backRows';

export function FoundationStep() {
  const { plan } = useComputed();
  const foundation = useBench((b) => b.brief.foundation);
  const change = useBench((b) => b.change);
  const hold = useBench((b) => b.hold);
  const lengths = useLengths();
  const errors = {
    frontRows: useFieldError('foundation.frontRows'),
    backRows: useFieldError('foundation.backRows'),
    earLine: useFieldError('foundation.earLineBehindMm'),
  };
  const text = useBench((b) => b.texts['foundation.earLineBehindMm']);
  const setText = useBench((b) => b.setText);
  if (!plan || !foundation) return null;
  const { limits, ledger } = plan;
  const front = foundation.frontRows ?? limits.frontRows.min;
  const back = foundation.backRows ?? limits.backRows.min;

  const setRows = (which: Rows, n: number) => {
    hold(ledger);
    change(which, (b) => {
      const rows = { ...b.foundation, [which]: n };
      // Rows only ever join: there are never more behind than in front.
      return {
        ...b,
        foundation: { ...rows, backRows: Math.min(rows.backRows ?? n, rows.frontRows ?? n) },
      };
    });
  };

  return (
    <>
      <p className="text-sm text-soft">
        Straight back from the front hairline; at the ear line neighbours join into fewer, larger
        rows. Drag the ear line on the map.
      </p>
      <Dial
        label="Rows in front"
        value={front}
        min={limits.frontRows.min}
        max={limits.frontRows.max}
        step={1}
        figure={String(front)}
        onChange={(n) => setRows('frontRows', n)}
        onLetGo={() => hold(undefined)}
        error={errors.frontRows}
      />
      <Dial
        label="Rows behind"
        value={Math.min(back, front)}
        min={limits.backRows.min}
        max={front}
        step={1}
        figure={String(back)}
        onChange={(n) => setRows('backRows', n)}
        onLetGo={() => hold(undefined)}
        error={errors.backRows}
      />
      <LengthField
        isRow
        label="Ear line behind the ears"
        value={foundation.earLineBehindMm ?? null}
        onChange={(mm) =>
          change('earLine', (b) => ({
            ...b,
            foundation: { ...b.foundation, earLineBehindMm: mm },
          }))
        }
        unread={text}
        onUnread={(t) => setText('foundation.earLineBehindMm', t)}
        error={
          errors.earLine &&
          `The ear line runs between ${lengths.say(limits.earLineBehindMm.min)} and ${lengths.say(limits.earLineBehindMm.max)} behind the ears.`
        }
        hint="just behind lies most naturally"
      />
      <dl className="grid grid-cols-2 gap-2 border-t border-line pt-3">
        <div>
          <dt className="text-xs text-soft">all rows together</dt>
          <dd className="text-lg font-semibold">{lengths.say(ledger.rowLengthMm)}</dd>
        </div>
        <div>
          <dt className="text-xs text-soft">front strips about</dt>
          <dd className="text-lg font-semibold">
            {lengths.say(middle(plan.rows.filter((r) => r.joins).map((r) => r.stripWidthMm)))}
          </dd>
        </div>
      </dl>
    </>
  );
}

const middle = (values: number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
