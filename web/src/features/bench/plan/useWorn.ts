import { createContext, useContext } from 'react';
import type { Worn } from '../../../api/types';

/** How the plan looks as it is worn, as far as that is known by now. */
export const WornContext = createContext<Worn | undefined>(undefined);

export const useWorn = (): Worn | undefined => useContext(WornContext);
