import { changePart, type CircuitGraph, type CircuitPart } from '@kesto/core';
import { Choice } from '@/ui/Buttons';
import { TextField } from '@/ui/UnitField';
import type { Draw } from './draw';

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
        label="its fan"
        value={part.fan === undefined ? 'own' : 'shared'}
        options={[
          { value: 'own', label: 'a fan of its own' },
          { value: 'shared', label: 'shares a fan' },
        ]}
        onChange={(fan) => setFan(fan === 'own' ? '' : FAN)}
      />
      {part.fan === undefined ? null : (
        <TextField
          label="which fan"
          value={part.fan}
          onChange={(fan) => setFan(fan, `fan ${part.id}`)}
          hint="the other coil names the same, on this unit’s other circuit too"
        />
      )}
    </>
  );
}
