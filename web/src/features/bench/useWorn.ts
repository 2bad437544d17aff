import { createContext, useContext, useMemo } from 'react';
import { api } from '../../api/client';
import type { Brief, WearAsked, Worn } from '../../api/types';
import type { WornAs } from './benchStore';
import { useNewest } from './useNewest';

/** How the plan looks as it is worn, as far as that is known by now. */
export const WornContext = createContext<Worn | undefined>(undefined);

export const useWorn = (): Worn | undefined => useContext(WornContext);

/** Asks how a brief is worn, once there is a plan of it. */
export function useComputedWorn(brief: Brief | undefined, worn: WornAs): Worn | undefined {
  const asked = useMemo<WearAsked | undefined>(
    () => brief && { brief, worn, withHair: false },
    [brief, worn],
  );
  return useNewest(asked, api.wear).answer;
}
