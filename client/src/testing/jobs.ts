import type { JobView, JointSummary, Today } from '@kesto/contract';
import { CIRCUIT, SITE } from './joints';

export const summary = (tag: string, state: JointSummary['state']): JointSummary => ({
  id: tag,
  tag,
  title: `Joint ${tag}`,
  state,
  at: null,
});

export const jobView = (rest: Partial<JobView> = {}): JobView => ({
  id: 'job',
  number: 31,
  title: 'suction valve leaks',
  stage: 'plan',
  began: 'find',
  stored: 'plan',
  stages: { entries: [], lastFlame: null, near: [], history: { leaks: [], joints: [] } },
  next: { stage: 'plan', step: 'plan-joint', joint: 'CR2-07' },
  watch: null,
  plate: {},
  done: false,
  unit: { id: 'u', tag: 'CR2', name: 'vault cold room', kind: 'cold-room' },
  circuitId: 'circuit',
  planned: 1,
  joints: 2,
  site: SITE,
  circuit: CIRCUIT,
  order: [summary('CR2-09', 'planned'), summary('CR2-07', 'not-planned')],
  nextTag: 'CR2-10',
  schools: null,
  sums: [],
  ...rest,
});

export const dayWith = (rest: Partial<Today> = {}): Today => {
  const { circuit: _circuit, site: _site, order: _order, nextTag: _nextTag, schools: _schools, sums: _sums, ...others } = jobView();
  const { stages: _stages, stored: _stored, plate: _plate, ...job } = others;
  return { jobs: [job], units: [job.unit], sentBack: [], due: [], toRead: [], toSettle: [], ...rest };
};
