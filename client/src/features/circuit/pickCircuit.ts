import { calcErrorText } from '@kesto/contract/wording';
import { check, circuitFile } from '@kesto/contract/schemas';
import { readCircuit, type CircuitGraph } from '@kesto/core';
import { pickFile } from '@/ui/files';

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

/** Lets the person pick a circuit's file; null where none was picked. */
export async function pickCircuit(): Promise<Picked | null> {
  const file = await pickFile('application/json');
  return file && readCircuitFile(await file.text());
}
