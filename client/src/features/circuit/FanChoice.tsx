import { changePart, type CircuitGraph, type CircuitPart } from '@kesto/core';
import { Choice } from '@/ui/Buttons';
import { TextField } from '@/ui/UnitField';
import type { Draw } from './draw';
import { WORDS } from './words';

/** What a fan is called until somebody says otherwise. */
const FAN = 'fan 1';

/** Whether a coil shares its fan: with which one, by the name that the other coil gives it as well. */
export function FanChoice({ graph, part, draw }: { graph: CircuitGraph; part: CircuitPart; draw: Draw }) {
  const setFan = (fan: string, move?: string) =>
    draw(
      changePart(graph, part.id, ({ fan: _before, ...rest }) => (fan === '' ? rest : { ...rest, fan })),
      { part: part.id },
      move,
    );
  return (
    <>
      <Choice
        label={WORDS.itsFan}
        value={part.fan === undefined ? 'own' : 'shared'}
        options={[
          { value: 'own', label: WORDS.aFanOfIts },
          { value: 'shared', label: WORDS.sharesAFan },
        ]}
        onChange={(fan) => setFan(fan === 'own' ? '' : FAN)}
      />
      {part.fan === undefined ? null : (
        <TextField
          label={WORDS.whichFan}
          value={part.fan}
          onChange={(fan) => setFan(fan, `fan ${part.id}`)}
          hint={WORDS.theOtherCoilNames}
        />
      )}
    </>
  );
}
