import { useLengths } from '../../../../ui/prefs';
import { useWords } from '../../../../words';
import type { Question } from '../../../../api/types';
import { useBench, useRead } from '../../draft/useBench';

interface Props {
  /** The questions whose answers decided what stands beside this. */
  fields: Question['field'][];
}

/** Says where the stylist's own method decided something, with the reason of her side, and leads to it. */
export function ByMethod({ fields }: Props) {
  const read = useRead();
  const { questions } = useWords();
  const { sentence } = useLengths();
  const showKnots = useBench((b) => b.showKnots);
  const go = useBench((b) => b.go);
  if (!read) return null;
  const { method } = read;
  const decided = fields.flatMap((field) => {
    const question = questions.find((q) => q.field === field);
    const side = question?.sides.find((s) => s.value === method[field as keyof typeof method]);
    return question && side ? [{ question, side }] : [];
  });
  if (decided.length === 0) return null;
  return (
    <p className="text-sm leading-snug text-soft">
      By{' '}
      <button
        type="button"
        className="underline"
        onClick={() => {
          go('knots');
          showKnots('method');
        }}
      >
        {method.name}
      </button>{' '}
      method:{' '}
      {decided.map(({ question, side }, i) => (
        <span key={question.field} title={`${side.words}: ${sentence(side.reason)}`}>
          {i > 0 && '; '}
          {question.words.toLowerCase()} <strong className="text-ink">{side.words}</strong>
        </span>
      ))}
    </p>
  );
}
