import type { Due, Today } from '@kesto/contract';
import { APPROVAL_WORDS } from '@kesto/contract/wording/people';
import { JOINT_STATE_WORDS } from '@kesto/contract/wording/record';
import { format } from 'date-fns/format';
import { View } from 'react-native';
import { Flag } from '@/ui/Flag';
import { SentBackMark, Tick } from '@/ui/marks';
import { Words } from '@/ui/Words';
import { Row } from './Row';
import { WORDS } from './words';

const DUE_WORDS: Readonly<Record<Exclude<Due['kind'], 'approval'>, string>> = {
  confirmation: 'approvals to be confirmed',
  calibration: 'to be calibrated',
  'cylinder-test': 'cylinder to be tested',
};
const ON_THE_VAN: readonly Due['kind'][] = ['calibration', 'cylinder-test'];

function dueText(due: Due): string {
  const day = format(new Date(due.until), 'd MMMM');
  if (due.kind === 'approval') return `approval for ${APPROVAL_WORDS[due.scope]} ends ${day}`;
  return `${DUE_WORDS[due.kind]} by ${day}`;
}

const watched = ({ jobs }: Today) => jobs.filter((job) => job.watch !== null);
export const isWaiting = (today: Today): boolean =>
  watched(today).length + today.toSettle.length + today.sentBack.length + today.due.length + today.toRead.length > 0;

/** What waits for somebody: watches that run, entries to settle, joints sent back, days that come due, records to read. */
export function Waiting({ today }: { today: Today }) {
  return (
    <View>
      {watched(today).map(({ id, unit, watch }) => (
        <Row key={id} label={WORDS.watch} mark={<Flag letter="!" />} href={`/jobs/${id}/safe`}>
          <Words bold>
            {watch?.isNotWitnessed
              ? WORDS.notWitnessed(unit.tag)
              : WORDS.fireWatch(unit.tag, format(new Date(watch?.endsAt ?? 0), 'HH:mm'))}
          </Words>
          <Words size={15}>{WORDS.by(watch?.by ?? '')}</Words>
        </Row>
      ))}
      {today.toSettle.map((joint) => (
        <Row key={joint.id} label={WORDS.settle} mark={<Flag letter="?" />} href={`/joints/${joint.id}`}>
          <Words bold>{joint.tag}</Words>
          <Words size={15}>{WORDS.toSettle}</Words>
        </Row>
      ))}
      {today.sentBack.map(({ joint, by, why }) => (
        <Row key={joint.id} label={WORDS.sentBackLabel} mark={<SentBackMark />} href={`/joints/${joint.id}`}>
          <Words bold>{WORDS.sentBack(joint.tag, by)}</Words>
          <Words size={15}>{why}</Words>
        </Row>
      ))}
      {today.due.map((due) => (
        <Row
          key={due.name + (due.kind === 'approval' ? due.scope : due.kind)}
          label={WORDS.due}
          mark={<Flag letter="!" />}
          href={ON_THE_VAN.includes(due.kind) ? '/van' : '/people'}
        >
          <Words bold>{due.name}</Words>
          <Words size={15}>{dueText(due)}</Words>
        </Row>
      ))}
      {today.toRead.map((joint) => (
        <Row key={joint.id} label={WORDS.made} mark={<Tick size={20} />} href={`/joints/${joint.id}`}>
          <Words bold>{joint.tag}</Words>
          <Words size={15} tone="ink2">
            {joint.title}: {JOINT_STATE_WORDS[joint.state]}
          </Words>
        </Row>
      ))}
    </View>
  );
}
