import { Armchair } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../../api/client';
import { newId } from '../../lib/id';
import { Button } from '../../ui/Button';
import { useBench } from './draft/useBench';

/** Freezes the plan into a worksheet and begins to work from it. Asked twice, because an answer was lost, it is one visit. */
export function ToChair({ planId, isTight }: { planId: string; isTight: boolean }) {
  const isSaved = useBench((b) => b.saving === 'saved');
  const [id] = useState(newId);
  const [problem, setProblem] = useState<string>();
  const [isAsked, setAsked] = useState(false);
  const navigate = useNavigate();
  const begin = async () => {
    setAsked(true);
    try {
      await api.beginVisit({ id, planId, stylistId: null });
      await navigate(`/chair/${id}`);
    } catch (thrown) {
      setProblem(thrown instanceof Error ? thrown.message : String(thrown));
      setAsked(false);
    }
  };
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
        onClick={() => void begin()}
        aria-label="take it to the chair"
        title="Freezes the plan as it is now into a worksheet, and begins a visit"
      >
        <Armchair size={16} aria-hidden /> {!isTight && 'take it to the chair'}
      </Button>
    </>
  );
}
