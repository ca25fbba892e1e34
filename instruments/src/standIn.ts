import { Probe, type ProbeOptions } from './probe';
import { heldMachine } from './heldMachine';
import { vacuumWorldOf, worldOf, type Piece, type Pulled, type Scenario, type VacuumScenario } from './scenarios';
import { vacuumMachine } from './vacuumMachine';

/** What the server asks of its stand-in: to speak, and whether soap bubbles somewhere. */
type Asked =
  | {
      readonly start: Omit<ProbeOptions, 'model'> &
        ({ readonly scenario: Scenario; readonly piece: Piece } | { readonly vacuum: VacuumScenario; readonly pulled: Pulled });
    }
  | { readonly soap: { readonly id: number; readonly place: string } };

let probe: Probe | null = null;

process.on('message', (asked: Asked) => {
  if ('start' in asked) {
    const { start } = asked;
    const model =
      'vacuum' in start ? vacuumMachine(vacuumWorldOf(start.vacuum, start.pulled)) : heldMachine(worldOf(start.scenario, start.piece));
    probe = new Probe({ ...start, model });
    probe.start();
    return;
  }
  process.send?.({ soap: { id: asked.soap.id, bubbles: probe?.bubblesAt(asked.soap.place) ?? false } });
});
process.on('disconnect', () => process.exit(0));
