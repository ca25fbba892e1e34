import type { Due, JobSummary, Today } from '@kesto/contract';
import { KEPT_STAGES } from '@kesto/core/vocabulary';
import { APPROVAL_WORDS } from '@kesto/contract/wording/people';
import { JOINT_STATE_WORDS } from '@kesto/contract/wording/record';
import { nextText, STAGE_WORDS } from '@kesto/contract/wording/stages';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Fetched } from '@/api/Fetched';
import { useUnseenOverrulings } from '@/data/dayPins/useUnseenOverrulings';
import { useMe } from '@/session/useMe';
import { SentBackMark, Tick } from '@/ui/marks';
import { Flag } from '@/ui/Flag';
import { Sheet } from '@/ui/Sheet';
import { StageRow } from '@/ui/StagePath';
import { useStation } from '@/ui/station';
import { Empty } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { useTodayQuery } from '@/data/today/api';
import { ByPin } from './ByPin';
import { FirstSteps } from './FirstSteps';
import { useFirstSteps } from './useFirstSteps';
import { Row } from './Row';
import { EmptyGround, Skyline } from '@/drawing/Skyline';

export function TodayScreen() {
  return (
    <Fetched<Today> query={useTodayQuery()} what="today">
      {(today) => <Ready today={today} />}
    </Fetched>
  );
}

function Ready({ today }: { today: Today }) {
  const router = useRouter();
  const wide = useIsWide();
  const me = useMe();
  const station = useStation();
  const [first] = today.jobs;
  const inspector = me?.person.role === 'inspector';
  const toRead = today.toRead[0];
  const action = inspector
    ? toRead
      ? { label: `Read ${toRead.tag}`, onPress: () => router.push(`/joints/${toRead.id}`) }
      : undefined
    : first
      ? { label: `Carry on at ${first.unit.tag}`, onPress: () => router.push(`/jobs/${first.id}`) }
      : { label: 'Open a job', onPress: () => router.push('/jobs/new') };
  const fromNothing = today.jobs.length === 0 && today.toRead.length === 0 && !inspector;
  const byPin = useUnseenOverrulings();
  const beside =
    fromNothing || waits(today) || byPin.unseen.length > 0 ? (
      <>
        {fromNothing ? <FromNothing /> : null}
        <ByPin {...byPin} />
        <Waiting today={today} />
      </>
    ) : undefined;
  return (
    <Sheet
      tag={format(new Date(), wide ? 'EEE d MMM' : 'd MMM')}
      title={me ? `${me.person.name}, ${me.person.role}` : ''}
      subtitle={me?.shop.name ?? ''}
      up={wide ? undefined : { label: 'you', href: '/me' }}
      cells={{ here: 'today' }}
      action={action}
      round={station ? { label: 'find tag', onPress: station.find } : undefined}
      aside={wide ? beside : undefined}
    >
      {today.units.length > 0 ? <Skyline today={today} /> : <EmptyGround />}
      {today.jobs.length === 0 && (!wide || !fromNothing) ? <NothingOpen made={!fromNothing} mayMake={!inspector} /> : null}
      {today.jobs.map((job, i) => (
        <Row key={job.id} label={i === 0 ? 'now' : 'open'} href={`/jobs/${job.id}`}>
          <Words bold>
            {job.unit.tag} {job.unit.name}, job {job.number}
          </Words>
          <Words size={15} tone="ink2">
            {job.title}. {STAGE_WORDS[job.stage]}: {standsAt(job)}
          </Words>
          <StageRow stage={job.stage} began={job.began} done={job.done} />
        </Row>
      ))}
      {first && !inspector ? (
        <Row label="new" href="/jobs/new">
          <Words bold>Open a job</Words>
          <Words size={15} tone="ink2">
            on a machine that is here, or on a new one from its plate
          </Words>
        </Row>
      ) : null}
      {wide ? null : <ByPin {...byPin} />}
      {wide ? null : <Waiting today={today} />}
      {wide ? null : <Always mayMake={!inspector} />}
    </Sheet>
  );
}

/** What stands on today in the same place, with jobs or without. */
function Always({ mayMake }: { mayMake: boolean }) {
  return (
    <>
      <Row label="van" href="/van">
        <Words bold>What is on the van</Words>
        <Words size={15} tone="ink2">
          rods, torch, nitrogen: the planner chooses from it
        </Words>
      </Row>
      <Row label="bench" href="/bench">
        <Words bold>Sums without a job</Words>
        <Words size={15} tone="ink2">
          gap, rod, strength, purge, reach, cylinder, saturation, readings, units
        </Words>
      </Row>
      <Row label="people" href="/people">
        <Words bold>The shop’s people</Words>
        <Words size={15} tone="ink2">
          who is here, their approvals; ask somebody in
        </Words>
      </Row>
      <Row label="sites" href="/sites">
        <Words bold>Where the machines stand</Words>
        <Words size={15} tone="ink2">
          sites, how high they lie, the machines of each
        </Words>
      </Row>
      {mayMake ? (
        <Row label="machine" href="/units/new">
          <Words bold>Another machine, from its plate</Words>
          <Words size={15} tone="ink2">
            on a site that is here, or on a new one
          </Words>
        </Row>
      ) : null}
    </>
  );
}

/** Before the joints, what comes next; then how far they are planned. */
const standsAt = ({ next, planned, joints }: JobSummary) =>
  KEPT_STAGES.some((stage) => stage === next.stage)
    ? nextText(next).replace(/^./, (c) => c.toLowerCase())
    : `${planned} of ${joints} planned`;

/** What an empty day asks first. */
function NothingOpen({ made, mayMake }: { made: boolean; mayMake: boolean }) {
  if (!mayMake) return <Empty title="No open job" text="Jobs that are opened show here with what waits at each." />;
  return made ? <Empty title="No open job" text="Open one on a machine that is here, or on a new one." /> : <FromNothing />;
}

/** A shop in which nothing was made yet. */
function FromNothing() {
  const steps = useFirstSteps();
  return steps ? <FirstSteps steps={steps} /> : null;
}

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
const waits = (today: Today) =>
  watched(today).length + today.toSettle.length + today.sentBack.length + today.due.length + today.toRead.length > 0;

function Waiting({ today }: { today: Today }) {
  return (
    <View>
      {watched(today).map(({ id, unit, watch }) => (
        <Row key={id} label="watch" mark={<Flag letter="!" />} href={`/jobs/${id}/safe`}>
          <Words bold>
            {unit.tag},{' '}
            {watch?.isNotWitnessed ? 'a fire watch nobody witnessed' : `fire watch until ${format(new Date(watch?.endsAt ?? 0), 'HH:mm')}`}
          </Words>
          <Words size={15}>by {watch?.by}</Words>
        </Row>
      ))}
      {today.toSettle.map((joint) => (
        <Row key={joint.id} label="settle" mark={<Flag letter="?" />} href={`/joints/${joint.id}`}>
          <Words bold>{joint.tag}</Words>
          <Words size={15}>an entry came out of turn or at a locked torch: a lead says what counts</Words>
        </Row>
      ))}
      {today.sentBack.map((back) => (
        <Row key={back.joint.id} label="sent back" mark={<SentBackMark />} href={`/joints/${back.joint.id}`}>
          <Words bold>
            {back.joint.tag}, by {back.by}
          </Words>
          <Words size={15}>{back.why}</Words>
        </Row>
      ))}
      {today.due.map((due) => (
        <Row
          key={due.name + (due.kind === 'approval' ? due.scope : due.kind)}
          label="due"
          mark={<Flag letter="!" />}
          href={ON_THE_VAN.includes(due.kind) ? '/van' : '/people'}
        >
          <Words bold>{due.name}</Words>
          <Words size={15}>{dueText(due)}</Words>
        </Row>
      ))}
      {today.toRead.map((joint) => (
        <Row key={joint.id} label="made" mark={<Tick size={20} />} href={`/joints/${joint.id}`}>
          <Words bold>{joint.tag}</Words>
          <Words size={15} tone="ink2">
            {joint.title}: {JOINT_STATE_WORDS[joint.state]}
          </Words>
        </Row>
      ))}
    </View>
  );
}
