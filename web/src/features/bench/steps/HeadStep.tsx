import type { HeadMeasures } from '../../../api/types';
import { LengthField } from '../../../ui/LengthField';
import { useLengths } from '../../../ui/prefs';
import { useBench, useComputed } from '../useBench';

type MeasureField = keyof HeadMeasures;

const FIELDS: { field: MeasureField; label: string; where: string }[] = [
  { field: 'roundMm', label: 'Round the head', where: 'level over the ears' },
  { field: 'frontToNapeMm', label: 'Front to nape', where: 'hairline to hairline, over the crown' },
  { field: 'overTopMm', label: 'Ear to ear over the top', where: 'notch to notch' },
  { field: 'alongFrontMm', label: 'Ear to ear along the front', where: 'notch to notch' },
  { field: 'roundBackMm', label: 'Temple to temple round the back', where: 'above the ears' },
  { field: 'napeWidthMm', label: 'Nape width', where: 'corner to corner' },
];

export function HeadStep() {
  return (
    <>
      <p className="text-sm text-soft">
        The first three are needed. Leave the others empty and they are estimated.
      </p>
      {FIELDS.map((f) => (
        <MeasureEntry key={f.field} {...f} />
      ))}
    </>
  );
}

function MeasureEntry({ field, label, where }: (typeof FIELDS)[number]) {
  const path = `head.${field}`;
  const value = useBench((b) => b.brief.head?.[field] ?? null);
  const text = useBench((b) => b.texts[path]);
  const change = useBench((b) => b.change);
  const setText = useBench((b) => b.setText);
  const { plan, problem } = useComputed();
  const lengths = useLengths();
  const reading = plan?.head.readings.find((r) => r.field === field);
  const refused = problem?.at(path);
  const error =
    refused &&
    (refused.min !== null && refused.max !== null
      ? `${label} must be between ${lengths.say(refused.min)} and ${lengths.say(refused.max)}.`
      : refused.message);
  const isEstimated = value === null && reading?.isEstimated;

  return (
    <LengthField
      isRow
      label={label}
      value={value}
      onChange={(mm) =>
        change(path, (b) => ({ ...b, head: { ...(b.head as HeadMeasures), [field]: mm } }))
      }
      unread={text}
      onUnread={(t) => setText(path, t)}
      placeholder={isEstimated && reading ? `about ${lengths.parts(reading.tapeMm).figure}` : ''}
      error={error}
      hint={isEstimated ? 'estimated from the others' : where}
    />
  );
}
