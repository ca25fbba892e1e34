import { drawnName } from '@kesto/contract/wording';
import type { CircuitGraph, StrengthPlan } from '@kesto/core';
import { formatGaugePressure, gaugePascals, readingText } from '@kesto/core/unit';
import { useUnits } from '@/session/units';
import { CheckRow } from '@/ui/CheckRow';
import { Words } from '@/ui/Words';
import { WORDS } from '../words';

interface StrengthRowProps {
  readonly strength: StrengthPlan;
  readonly graph: CircuitGraph | null;
  readonly isOn: boolean;
  readonly onChange: (isOn: boolean) => void;
}

/** A strength test before the hold, where the piping was made on site; where there may be none it says what bars it. */
export function StrengthRow({ strength, graph, isOn, onChange }: StrengthRowProps) {
  const units = useUnits();
  if (strength.may) {
    const at = readingText(formatGaugePressure(gaugePascals(strength.gaugePa), units));
    return <CheckRow label={WORDS.strength(at)} checked={isOn} onChange={onChange} />;
  }
  if (strength.parts.length === 0) return null;
  const names = strength.parts.map((id) => (graph ? drawnName(graph, id) : id)).join(', ');
  return (
    <Words size={14} tone="ink2">
      {WORDS.noStrength(names)}
    </Words>
  );
}
