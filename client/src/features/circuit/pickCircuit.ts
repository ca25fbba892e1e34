import { calcErrorText } from '@kesto/contract/wording';
import { check, circuitFile } from '@kesto/contract/schemas';
import { readCircuit, type CircuitGraph } from '@kesto/core';

type Picked = { readonly graph: CircuitGraph } | { readonly problem: string };

/** What a circuit's file says, or what is wrong with it, by the field's full name. */
export function readCircuitFile(text: string): Picked {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { problem: 'This file is not JSON: a circuit is saved as .json from its drawing.' };
  }
  const checked = check(circuitFile, json);
  if (!checked.ok) return { problem: `${checked.problem.field}: ${checked.problem.message}` };
  const read = readCircuit(checked.value.circuit);
  if (read.ok) return { graph: read.value };
  const [error] = read.errors;
  return { problem: error ? `circuit.${error.field}: ${calcErrorText(error)}` : 'This circuit cannot be read.' };
}

/** Lets the person pick a file; null where none was picked. */
export function pickCircuit(): Promise<Picked | null> {
  return new Promise((resolve) => {
    const input = Object.assign(document.createElement('input'), { type: 'file', accept: 'application/json,.json' });
    input.onchange = () => {
      const file = input.files?.[0];
      if (file) void file.text().then((text) => resolve(readCircuitFile(text)));
      else resolve(null);
    };
    input.click();
  });
}
