import { Probe, type ProbeOptions } from './probe';
import { worldOf, type Piece, type Scenario } from './scenarios';

/** What the server asks of its stand-in: to speak, and whether soap bubbles somewhere. */
type Asked =
  | { readonly start: Omit<ProbeOptions, 'world'> & { readonly scenario: Scenario; readonly piece: Piece } }
  | { readonly soap: { readonly id: number; readonly place: string } };

let probe: Probe | null = null;

process.on('message', (asked: Asked) => {
  if ('start' in asked) {
    const { scenario, piece, ...options } = asked.start;
    probe = new Probe({ ...options, world: worldOf(scenario, piece) });
    probe.start();
    return;
  }
  process.send?.({ soap: { id: asked.soap.id, bubbles: probe?.bubblesAt(asked.soap.place) ?? false } });
});
process.on('disconnect', () => process.exit(0));
