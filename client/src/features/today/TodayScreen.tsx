import type { JobSummary, Today } from '@kesto/contract';
import { KEPT_STAGES } from '@kesto/core/vocabulary';
import { nextText, STAGE_WORDS } from '@kesto/contract/wording/stages';
import { Fetched } from '@/api/Fetched';
import { useTodayQuery } from '@/data/today/api';
import { EmptyGround, Skyline } from '@/drawing/Skyline';
import { Sheet } from '@/ui/Sheet';
import { StageRow } from '@/ui/StagePath';
import { Empty } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { Words } from '@/ui/Words';
import { Always, NEW_JOB, WayOn } from './Always';
import { ByPin } from './ByPin';
import { FirstSteps } from './FirstSteps';
import { Row } from './Row';
import { useDayPicture } from './useDayPicture';
import { useFirstSteps } from './useFirstSteps';
import { useTodayScreen } from './useTodayScreen';
import { Waiting } from './Waiting';
import { WORDS } from './words';

export function TodayScreen() {
  const query = useTodayQuery();
  useDayPicture(query);
  return (
    <Fetched<Today> query={query} what={WORDS.today}>
      {(today) => <Ready today={today} />}
    </Fetched>
  );
}

function Ready({ today }: { today: Today }) {
  const wide = useIsWide();
  const { mayMake, fromNothing, hasAside, byPin, ...title } = useTodayScreen(today, wide);
  const waits = (
    <>
      <ByPin {...byPin} />
      <Waiting today={today} />
    </>
  );
  const aside = (
    <>
      {fromNothing ? <FromNothing /> : null}
      {waits}
    </>
  );
  return (
    <Sheet
      {...title}
      up={wide ? undefined : { label: WORDS.you, href: '/me' }}
      cells={{ here: 'today' }}
      aside={wide && hasAside ? aside : undefined}
    >
      {today.units.length > 0 ? <Skyline today={today} /> : <EmptyGround />}
      {today.jobs.length === 0 && (!wide || !fromNothing) ? <NothingOpen made={!fromNothing} mayMake={mayMake} /> : null}
      {today.jobs.map((job, i) => (
        <JobRow key={job.id} job={job} label={i === 0 ? WORDS.now : WORDS.openLabel} />
      ))}
      {today.jobs.length > 0 && mayMake ? <WayOn {...NEW_JOB} /> : null}
      {wide ? null : waits}
      {wide ? null : <Always mayMake={mayMake} />}
    </Sheet>
  );
}

function JobRow({ job, label }: { job: JobSummary; label: string }) {
  return (
    <Row label={label} href={`/jobs/${job.id}`}>
      <Words bold>{WORDS.machineAndJob(`${job.unit.tag} ${job.unit.name}`, job.number)}</Words>
      <Words size={15} tone="ink2">
        {job.title}. {STAGE_WORDS[job.stage]}: {standsAt(job)}
      </Words>
      <StageRow stage={job.stage} began={job.began} done={job.done} />
    </Row>
  );
}

/** Before the joints, what comes next; then how far they are planned. */
const standsAt = ({ next, planned, joints }: JobSummary) =>
  KEPT_STAGES.some((stage) => stage === next.stage)
    ? nextText(next).replace(/^./, (c) => c.toLowerCase())
    : `${planned} of ${joints} planned`;

/** What an empty day asks first. */
function NothingOpen({ made, mayMake }: { made: boolean; mayMake: boolean }) {
  if (!mayMake) return <Empty title={WORDS.noOpenJob} text={WORDS.jobsThatAreOpened} />;
  return made ? <Empty title={WORDS.noOpenJob} text={WORDS.openOneOnA} /> : <FromNothing />;
}

/** A shop in which nothing was made yet. */
function FromNothing() {
  const steps = useFirstSteps();
  return steps ? <FirstSteps steps={steps} /> : null;
}
