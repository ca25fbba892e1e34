import type { JobView } from '@kesto/contract';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { useUnit } from '@/data/units/api';
import { useWrite } from '@/outbox';
import { arrange } from '@/ui/arrange';
import { Choice } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Words } from '@/ui/Words';
import { jobEntryWrite } from '@/data/jobs/writes';
import { WORDS } from './words';

/** Which circuit of the machine the job is on, as long as no joint is on it; the server says where something was noted on its drawing. */
export function CircuitOfJob({ job }: { job: JobView }) {
  const { data: unit } = useUnit(job.unit.id);
  const { keep, busy, problem } = useWrite();
  const circuits = unit?.circuits ?? [];
  if (circuits.length < 2 || job.order.length > 0) return null;
  return (
    <View style={arrange.stack6}>
      <Words size={15}>{WORDS.onWhichCircuit}</Words>
      <Choice
        label={WORDS.onWhichCircuit}
        value={job.circuitId}
        options={circuits.map(({ id, name, refrigerant }) => ({ value: id, label: `${name}, ${refrigerant}`, disabled: busy }))}
        onChange={(to) => void (to !== job.circuitId && keep(jobEntryWrite(job.id, uuid(), { kind: 'circuit-changed', values: { to } })))}
      />
      {problem ? <Failed message={problem.message} /> : null}
    </View>
  );
}
