import type { JobView, JointSummary } from '@kesto/contract';
import { calledAsText, JOINT_STATE_WORDS } from '@kesto/contract/wording';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { NoteForm } from '@/features/stage';
import { useWrite } from '@/outbox';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { ListRow } from '@/ui/ListRow';
import { Empty, Failed } from '@/ui/states';
import { Heading, Mono, Words } from '@/ui/Words';
import { jobEntryWrite } from '@/data/jobs/writes';
import { WORDS } from './words';

const RED_STATES: readonly JointSummary['state'][] = ['sent-back', 'rework', 'cut-out'];
/** No flame touched it: it may be taken off the job. */
const NEVER_LIT: readonly JointSummary['state'][] = ['not-planned', 'planned'];

/** Joints of a job; what was never lit can be taken off it again, with the reason. */
export function JobJoints({ job, mayMake }: { job: JobView; mayMake: boolean }) {
  const router = useRouter();
  const [taking, setTaking] = useState(false);
  const mayTake = mayMake && job.order.some(({ state }) => NEVER_LIT.includes(state));
  return (
    <>
      <Heading size={17}>{WORDS.jointsOfThisJob}</Heading>
      {job.order.length === 0 ? <Empty title={WORDS.noJointYet} text={WORDS.addTheJointsThis} /> : null}
      {job.order.map((joint) => (
        <View key={joint.id}>
          <ListRow role="link" onPress={() => router.push(`/joints/${joint.id}`)}>
            <Mono size={17}>{joint.tag}</Mono>
            <View style={arrange.fill}>
              <Words size={15}>{joint.title}</Words>
              {calledAsText(joint) ? (
                <Words size={14} tone="amber">
                  {calledAsText(joint)}
                </Words>
              ) : null}
            </View>
            <Words size={14} bold tone={RED_STATES.includes(joint.state) ? 'red' : 'ink2'}>
              {JOINT_STATE_WORDS[joint.state]}
            </Words>
          </ListRow>
          {taking && NEVER_LIT.includes(joint.state) ? <TakeOff job={job} joint={joint} onKept={() => setTaking(false)} /> : null}
        </View>
      ))}
      {mayTake ? <FrameKey quiet label={taking ? WORDS.leaveThemAll : WORDS.takeAJointOff} onPress={() => setTaking(!taking)} /> : null}
    </>
  );
}

function TakeOff({ job, joint, onKept }: { job: JobView; joint: JointSummary; onKept: () => void }) {
  const { keep, busy, problem } = useWrite();
  const [open, setOpen] = useState(false);
  async function take(why: string): Promise<boolean> {
    const isSafe = await keep(jobEntryWrite(job.id, uuid(), { kind: 'joint-removed', values: { joint: joint.id, why } }));
    if (isSafe) onKept();
    return isSafe;
  }
  if (!open) return <FrameKey quiet label={WORDS.takeItOff} says={WORDS.takeOffTheJob(joint.tag)} onPress={() => setOpen(true)} />;
  return (
    <View style={styles.takeOff}>
      <NoteForm
        keptAs={`${job.id}.off.${joint.id}`}
        title={WORDS.takeOffThisJob(joint.tag)}
        says={WORDS.noFlameTouchedIt}
        fields={{ why: 'why' }}
        label={WORDS.takeOff(joint.tag)}
        busy={busy}
        onKeep={({ why = '' }) => take(why)}
      />
      {problem ? <Failed message={problem.message} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  takeOff: { paddingVertical: 8 },
});
