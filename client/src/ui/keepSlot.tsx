import { createContext, useContext, useEffect, useRef } from 'react';

/** What keeps the open form: its word, and whether it can be pressed. */
export interface Keeping {
  readonly label: string;
  readonly disabled: boolean;
  readonly onPress: () => void;
}

/** The bar of a sheet takes the keeping of the form that lies over it, within thumb reach. */
export const KeepSlot = createContext<((keeping: Keeping | null) => void) | null>(null);

/** Hands the form's keeping to the bar; false where there is no bar and the form shows it itself. */
export function useKeepSlot({ label, disabled, onPress }: Keeping, isMain: boolean): boolean {
  const slot = useContext(KeepSlot);
  const press = useRef(onPress);
  useEffect(() => {
    press.current = onPress;
  });
  useEffect(() => {
    if (!slot || !isMain) return;
    slot({ label, disabled, onPress: () => press.current() });
    return () => slot(null);
  }, [slot, isMain, label, disabled]);
  return slot !== null && isMain;
}
