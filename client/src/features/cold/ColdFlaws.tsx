import { coldFlawText } from '@kesto/contract/wording';
import { COLD_KIND, coldFlaws } from '@kesto/core';
import { useWatch } from 'react-hook-form';
import { readFields } from '@/forms/fields';
import { useUnits } from '@/session/units';
import { FlagLine } from '@/ui/Flag';
import { SHOWN, valuesOf } from './proofs';
import type { ColdWork } from './useCold';

/** What it lacks by what is typed so far; drawn anew at each letter, the screen it stands on is not. */
export function ColdFlaws({ cold: { method, figures, proofs, odM } }: { cold: ColdWork }) {
  const units = useUnits();
  const typed = useWatch({ control: figures.control });
  const texts = Object.fromEntries(figures.keys.map((key) => [key, typed[key] ?? '']));
  const { read } = readFields(SHOWN[method], texts, units);
  const flaws = coldFlaws(COLD_KIND[method], valuesOf(method, read, proofs), odM);
  return flaws.length > 0 ? <FlagLine stop letter="!" text={coldFlawText(flaws)} /> : null;
}
