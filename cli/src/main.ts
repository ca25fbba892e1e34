import { check } from '@kesto/contract/schemas';
import { wireError, type WireError } from '@kesto/contract/wording';
import type { Result } from '@kesto/core';
import { COMMANDS, type Command } from './commands';

export interface Outcome {
  readonly exit: 0 | 2;
  readonly stdout: string;
  readonly stderr: string;
}

const refusal = (error: WireError): Outcome => ({ exit: 2, stdout: '', stderr: `${JSON.stringify({ error })}\n` });

function answer(result: Result<unknown>): Outcome {
  if (result.ok) return { exit: 0, stdout: `${JSON.stringify(result.value)}\n`, stderr: '' };
  const [first] = result.errors;
  return refusal(first ? wireError(first) : { code: 'invalid', field: '', message: 'the request was refused' });
}

/** One command over one request: text in, text out. */
export function run(name: string | undefined, input: string): Outcome {
  const command: Command | undefined = name === undefined ? undefined : COMMANDS[name];
  if (!command) {
    const allowed = Object.keys(COMMANDS).join(', ');
    return refusal({ code: 'unknown-command', field: 'command', message: `command ${name ?? ''} is not known; allowed: ${allowed}` });
  }
  let body: unknown;
  try {
    body = JSON.parse(input);
  } catch (error) {
    return refusal({
      code: 'not-json',
      field: 'request',
      message: `request is not JSON: ${error instanceof Error ? error.message : String(error)}`,
    });
  }
  if (!command.schema) return answer(command.answer(body));
  const checked = check(command.schema, body);
  return checked.ok ? answer(command.answer(checked.value)) : refusal(checked.problem);
}
