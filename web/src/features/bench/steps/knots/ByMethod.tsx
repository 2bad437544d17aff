import { useQuery } from '@tanstack/react-query';
import type { Question } from '../../../../api/types';
import { methodQuestionsQuery } from '../../bench.queries';
import { useBench, useComputed } from '../../useBench';

interface Props {
  /** The questions whose answers decided what stands beside this. */
  fields: Question['field'][];
}

/** Says where the stylist's own method decided something, with the reason of her side, and leads to it. */
export function ByMethod({ fields }: Props) {
  const { plan } = useComputed();
  const questions = useQuery(methodQuestionsQuery());
  const showKnots = useBench((b) => b.showKnots);
  const go = useBench((b) => b.go);
  if (!plan || !questions.data) return null;
  const { method } = plan;
  const decided = fields.flatMap((field) => {
    const question = questions.data.find((q) => q.field === field);
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
        <span key={question.field} title={`${side.words}: ${side.reason}`}>
          {i > 0 && '; '}
          {question.words.toLowerCase()} <strong className="text-ink">{side.words}</strong>
        </span>
      ))}
    </p>
  );
}
