import { createContext, useContext } from 'react';

export type Hand = 'right' | 'left';

/** The hand whose thumb works the instruments: what is pressed most lies on its side. */
export const HandContext = createContext<Hand>('right');
/** The hand that holds the phone: buttons lie under its thumb. */
export const useHand = (): Hand => useContext(HandContext);
