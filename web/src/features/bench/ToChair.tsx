import { Armchair } from 'lucide-react';
import { Button } from '../../ui/Button';
import { useBegin } from '../chair';
import { useBench } from './draft/useBench';

/** Takes the plan as it is kept to the chair. */
export function ToChair({ planId, isTight }: { planId: string; isTight: boolean }) {
  const isSaved = useBench((b) => b.saving === 'saved');
  const { begin, problem, isAsked } = useBegin(planId);
  return (
    <>
      {problem && (
        <p role="alert" className="text-sm text-chalk">
          ✕ {problem}
        </p>
      )}
      <Button
        look="main"
        disabled={!isSaved || isAsked}
        onClick={begin}
        aria-label="take it to the chair"
        title="Freezes the plan as it is now into a worksheet, and begins a visit"
      >
        <Armchair size={16} aria-hidden /> {!isTight && 'take it to the chair'}
      </Button>
    </>
  );
}
