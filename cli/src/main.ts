import { check } from '@kesto/contract/schemas';
import { COMMANDS, type Command } from './commands';
import { answer, refusal, type Outcome } from './outcome';
import { verify, type ReadFile } from './verify';

export type { Outcome } from './outcome';

function parsed(input: string): { readonly body: unknown } | Outcome {
  try {
    return { body: JSON.parse(input) as unknown };
  } catch (error) {
    const message = `request is not JSON: ${error instanceof Error ? error.message : String(error)}`;
    return refusal({ code: 'not-json', field: 'request', message });
  }
}

/** One command over one request: text in, text out. */
export function run(name: string | undefined, given: string | Uint8Array, options: readonly string[] = [], readFile?: ReadFile): Outcome {
  if (name === 'verify') return verify(given, options, readFile);
  const input = typeof given === 'string' ? given : new TextDecoder().decode(given);
  const command: Command | undefined = name !== undefined && Object.hasOwn(COMMANDS, name) ? COMMANDS[name] : undefined;
  if (!command) {
    const allowed = [...Object.keys(COMMANDS), 'verify'].join(', ');
    return refusal({ code: 'unknown-command', field: 'command', message: `command ${name ?? ''} is not known; allowed: ${allowed}` });
  }
  const request = parsed(input);
  if (!('body' in request)) return request;
  const checked = check(command.schema, request.body);
  return checked.ok ? answer(command.answer(checked.value)) : refusal(checked.problem);
}
