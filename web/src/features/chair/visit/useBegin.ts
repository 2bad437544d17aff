import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api } from '../../../api/client';
import { newId } from '../../../lib/id';

/** Freezes a plan into a worksheet and begins to work from it. Asked twice, because an answer was lost, it is one visit. */
export function useBegin(planId: string, stylistId: string | null = null) {
  const [id] = useState(newId);
  const [problem, setProblem] = useState<string>();
  const [isAsked, setAsked] = useState(false);
  const navigate = useNavigate();
  const begin = async () => {
    setAsked(true);
    try {
      await api.beginVisit({ id, planId, stylistId });
      await navigate(`/chair/${id}`);
    } catch (thrown) {
      setProblem(thrown instanceof Error ? thrown.message : String(thrown));
      setAsked(false);
    }
  };
  return { begin: () => void begin(), problem, isAsked };
}
