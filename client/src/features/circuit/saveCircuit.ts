import type { CircuitFile } from '@kesto/contract';
import { saveFile } from '@/ui/files';

/** Gives the circuit as a file that any shop reads. */
export function saveCircuit(file: CircuitFile): void {
  const name = `${file.name.replace(/\s+/g, '-').toLowerCase()}.json`;
  saveFile(new Blob([JSON.stringify(file, null, 2)], { type: 'application/json' }), name);
}
