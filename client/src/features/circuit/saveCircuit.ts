import type { CircuitFile } from '@kesto/contract';

/** Gives the circuit as a file that any shop reads. */
export function saveCircuit(file: CircuitFile): void {
  const url = URL.createObjectURL(new Blob([JSON.stringify(file, null, 2)], { type: 'application/json' }));
  const link = Object.assign(document.createElement('a'), { href: url, download: `${file.name.replace(/\s+/g, '-').toLowerCase()}.json` });
  link.click();
  URL.revokeObjectURL(url);
}
