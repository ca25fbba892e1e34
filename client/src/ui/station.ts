import { createContext, useContext } from 'react';

/** Writes that the server does not have yet. */
export interface KeptHere {
  readonly count: number;
  /** `sending` until a try has failed; `here` while nobody answers; `refused` where one of them needs the person. */
  readonly status: 'stored' | 'sending' | 'here' | 'refused';
}

/** What every sheet says of the person and the day, whatever it shows itself. */
export interface Station {
  readonly name: string;
  /** The units the person reads in, in words. */
  readonly units: string;
  /** Open jobs; null until they are known. */
  readonly jobs: number | null;
  readonly kept: KeptHere;
  /** Opens the search for a tag. */
  readonly find: () => void;
}

const StationContext = createContext<Station | null>(null);

export const StationProvider = StationContext.Provider;

/** Null where nobody is signed in. */
export const useStation = (): Station | null => useContext(StationContext);
