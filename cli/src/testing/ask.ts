import { run } from '../main';

export const q = (value: number | string, unit: string) => ({ value, unit });
export const ask = (command: string, request: unknown) => run(command, JSON.stringify(request));
export const answer = (command: string, request: unknown) => {
  const outcome = ask(command, request);
  if (outcome.exit !== 0) throw new Error(outcome.stderr);
  expect(outcome.stderr).toBe('');
  return JSON.parse(outcome.stdout) as Record<string, never>;
};
/** A refusal: exit 2, nothing on standard output, one JSON line on standard error. */
export const refusal = (outcome: ReturnType<typeof run>) => {
  expect(outcome.exit).toBe(2);
  expect(outcome.stdout).toBe('');
  expect(outcome.stderr.trim().split('\n')).toHaveLength(1);
  const { error } = JSON.parse(outcome.stderr) as { error: { code: string; field: string; message: string } };
  expect(Object.keys(error).sort()).toEqual(['code', 'field', 'message']);
  return error;
};

export const joint = (female: object = {}, male: object = {}) => ({
  male: { metal: 'copper', form: 'tube', od: q(0.875, 'in'), wall: q(0.045, 'in'), ...male },
  female: { metal: 'brass', form: 'component-stub', bore: q(22.33, 'mm'), cupDepth: q(19, 'mm'), wall: q(1.6, 'mm'), ...female },
});
export const plan = (rest: object = {}) => ({ joint: joint(), service: { designPressure: q(19, 'barg'), maxTemp: q(50, 'C') }, ...rest });
export const path12 = {
  sections: [{ bore: q(19.94, 'mm'), length: q(12, 'm') }, { volume: q(1.8, 'L') }],
  flood: q(15, 'L/min'),
  minutes: 10,
  outlet: { kind: 'port-core-out' },
};
