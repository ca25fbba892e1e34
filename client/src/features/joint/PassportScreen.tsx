import type { JointView } from '@kesto/contract';
import { brazersOf, inTurn, isColdKind, isAtTheTorch, madeCold, readChain } from '@kesto/core';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { Image, View } from 'react-native';
import { addressOf } from '@/api/call';
import { PlanDrawing } from '@/features/plan';
import { useIsLead } from '@/session/useIsLead';
import { useMayMake } from '@/session/useMayMake';
import { useMe } from '@/session/useMe';
import { calledAsText, coldFlawText } from '@kesto/contract/wording';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Cross, Tick } from '@/ui/marks';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { Comment } from '@/features/comment';
import { LabelNote } from '@/features/label';
import { PaperKeys } from '@/features/paper';
import { jointCells } from '@/data/joints/cells';
import { brokenEntry, Chain, IntegrityMark } from '@/features/chain';
import { EntryRight } from './EntryRight';
import { EraseWords } from './EraseWords';
import { KeptLinks } from './KeptLinks';
import { PlanAgainstMade } from './PlanAgainstMade';
import { Settle } from './Settle';
import { usePassport } from './usePassport';

const STATE_WORDS: Readonly<Record<JointView['state'], string>> = {
  'not-planned': 'not planned',
  planned: 'planned, not made',
  brazed: 'made, not looked at',
  passed: 'looked at, passes',
  rework: 'rework once',
  'cut-out': 'cut out',
  accepted: 'accepted',
  'sent-back': 'sent back',
};

/** One joint after it was made: what was planned, what was done, by whom, and that nothing was altered since. */
export function PassportScreen({ joint }: { joint: JointView }) {
  const t = useTokens();
  const router = useRouter();
  const me = useMe();
  const passport = usePassport(joint);
  const isLead = useIsLead();
  const contents = readChain(joint.entries);
  const counting = inTurn(contents);
  const maker = counting.findLast((c) => c.kind === 'brazed' || c.kind === 'reworked' || isColdKind(c.kind))?.person;
  const cold = madeCold(counting, null);
  const brazedIt = me !== undefined && brazersOf(contents).includes(me.person.id);
  const judged = counting.findLast((content) => content.kind === joint.state);
  const mayMake = useMayMake();
  const mayJudge = isLead && joint.state === 'passed' && !brazedIt;
  const next = nextStep(joint, { mayMake, atTheTorch: isAtTheTorch(contents) });
  const photos = [...new Set(contents.flatMap((content) => content.photos.map((p) => p.sha256)))];
  const action = next
    ? { label: next.label, onPress: () => router.push(next.href) }
    : passport.integrity.status === 'intact'
      ? { label: 'Give a copy', onPress: () => void passport.exportFile() }
      : { label: 'Check every link', onPress: () => void passport.check(), disabled: joint.entries.length === 0 };
  return (
    <Sheet
      tag={joint.tag}
      title={joint.title}
      subtitle={maker ? `made by ${maker.name}, ${joint.circuit.refrigerant}` : STATE_WORDS[joint.state]}
      up={{ label: `job ${joint.job.number}`, href: `/jobs/${joint.job.id}` }}
      cells={jointCells(joint)}
      action={action}
      round={
        passport.integrity.status === 'intact' && !next
          ? { label: 'check again', onPress: () => void passport.check() }
          : { label: 'give a copy', onPress: () => void passport.exportFile() }
      }
      aside={
        <View style={{ gap: 10 }}>
          <IntegrityMark integrity={passport.integrity} entries={joint.entries.length} />
          {next ? <FrameKey label="Check every link" onPress={() => void passport.check()} /> : null}
          {joint.entries.length > 0 ? (
            <Chain
              entries={joint.entries}
              brokenAt={brokenEntry(passport.integrity)}
              under={(entry) => <EntryRight joint={joint} entry={entry} />}
            />
          ) : (
            <Empty title="No record yet" text="Entries begin when the joint is prepared or brazed." />
          )}
          {joint.entries.length > 0 ? (
            <>
              <PaperKeys page="recordPdf" id={joint.id} name={`${joint.tag}-record`} />
              <PaperKeys page="labelPdf" id={joint.id} name={`${joint.tag}-label`} />
              <Comment of="joint" id={joint.id} />
            </>
          ) : null}
          <KeptLinks joint={joint} />
          <Settle joint={joint} />
          {mayJudge ? <Judge jointId={joint.id} onJudge={passport.judge} busy={passport.judging} /> : null}
          {passport.problem ? <Failed message={passport.problem} /> : null}
          <EraseWords joint={joint} />
        </View>
      }
    >
      <LabelNote joint={joint} />
      {calledAsText(joint) ? (
        <Words size={15} tone="amber">
          {calledAsText(joint)}
        </Words>
      ) : null}
      {passport.plan ? <PlanDrawing plan={passport.plan} units={passport.units} detail="sizes" /> : null}
      <View style={{ flexDirection: 'row', gap: 10, alignItems: 'center', borderTopWidth: 2, borderColor: t.copper, paddingTop: 10 }}>
        {joint.state === 'accepted' || joint.state === 'passed' ? (
          <Tick />
        ) : joint.state === 'brazed' || joint.state === 'planned' ? null : (
          <Cross />
        )}
        <Heading>{STATE_WORDS[joint.state]}</Heading>
        {judged ? (
          <Words size={15} tone="ink2" style={{ flex: 1, textAlign: 'right' }}>
            {judged.person.name}, {format(new Date(judged.deviceTime), 'd MMMM HH:mm')}
          </Words>
        ) : null}
      </View>
      {passport.engineDiffers ? (
        <Words size={14} tone="amber">
          Planned with another version of the engine ({joint.plan?.engineVersion}): the stored plan stands, today’s engine may say
          otherwise.
        </Words>
      ) : null}
      {joint.plan ? (
        <Words size={15} tone="ink2">
          Planned by {joint.plan.by}, {format(new Date(joint.plan.at), 'd MMMM HH:mm')}
        </Words>
      ) : null}
      {joint.plan?.reason ? <Words size={15}>Planned against advice: {joint.plan.reason}</Words> : null}
      {cold && cold.flaws.length > 0 ? <FlagLine stop letter="!" text={coldFlawText(cold.flaws)} /> : null}
      {passport.rows.length > 0 ? <PlanAgainstMade rows={passport.rows} /> : null}
      {photos.length > 0 ? (
        <View style={{ flexDirection: 'row', gap: 10, flexWrap: 'wrap' }}>
          {photos.map((sha) => (
            <Image
              key={sha}
              source={{ uri: addressOf('getPhoto', { sha256: sha }) }}
              accessibilityLabel={`photo ${sha.slice(0, 4)}`}
              style={{ width: 150, height: 112, borderWidth: 1, borderColor: t.rule }}
            />
          ))}
        </View>
      ) : null}
    </Sheet>
  );
}

interface Asked {
  readonly mayMake: boolean;
  readonly atTheTorch: boolean;
}

function nextStep(joint: JointView, { mayMake, atTheTorch }: Asked): { label: string; href: `/joints/${string}` } | null {
  if (!mayMake) return null;
  if (atTheTorch) return { label: 'Go on at the torch', href: `/joints/${joint.id}/run` };
  if (joint.state === 'planned') return { label: 'Braze it', href: `/joints/${joint.id}/run` };
  if (joint.state === 'brazed') return { label: 'Look at it', href: `/joints/${joint.id}/look` };
  if (joint.state === 'rework' || joint.state === 'sent-back') return { label: 'Rework it', href: `/joints/${joint.id}/run` };
  return null;
}

const WORD = { seen: { label: 'what you saw', kind: 'words', optional: true } } as const;

interface JudgeProps {
  readonly jointId: string;
  readonly onJudge: (kind: 'accepted' | 'sent-back', text: string) => Promise<boolean>;
  readonly busy: boolean;
}

function Judge({ jointId, onJudge, busy }: JudgeProps) {
  const t = useTokens();
  const figures = useFigures(`judge.${jointId}`, WORD);
  const give = (kind: 'accepted' | 'sent-back') => void figures.submit(({ seen = '' }) => onJudge(kind, seen));
  return (
    <View style={{ gap: 10, borderTopWidth: 2, borderColor: t.copper, paddingTop: 10 }}>
      <Heading size={17}>Your word on it</Heading>
      <FigureFields figures={figures} />
      <View style={{ flexDirection: 'row', gap: 10 }}>
        <View style={{ flex: 1 }}>
          <FrameKey label="Accept" disabled={busy} onPress={() => give('accepted')} />
        </View>
        <View style={{ flex: 1 }}>
          <FrameKey label="Send back" disabled={busy || figures.textOf('seen').trim() === ''} onPress={() => give('sent-back')} />
        </View>
      </View>
    </View>
  );
}
