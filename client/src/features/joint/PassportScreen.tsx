import type { JointView } from '@kesto/contract';
import { brazersOf, isAtTheTorch, readChain } from '@kesto/core';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { brokenEntry, Chain, hashInFours, IntegrityMark } from '@/features/chain';
import { Comment } from '@/features/comment';
import { TheirRecord } from '@/features/imports';
import { LabelNote } from '@/features/label';
import { PaperKeys } from '@/features/paper';
import { jointCells } from '@/data/joints/cells';
import { useIsLead } from '@/session/useIsLead';
import { useMayMake } from '@/session/useMayMake';
import { useMe } from '@/session/useMe';
import { FrameKey } from '@/ui/Buttons';
import { Cross, Tick } from '@/ui/marks';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { Heading, Mono, Words } from '@/ui/Words';
import { EntryRight } from './EntryRight';
import { EraseWords } from './EraseWords';
import { Judge } from './Judge';
import { KeptLinks } from './KeptLinks';
import { MadePart } from './passport/MadePart';
import { ProofPart } from './passport/ProofPart';
import { ChainStrip } from './passport/ChainStrip';
import { asMadeByText, madeByText } from './passport/madeBy';
import { Verdict } from './passport/Verdict';
import { WORDS } from './passport/words';
import { Settle } from './Settle';
import { useNextJoint, type NextHere } from './useNextJoint';
import { usePassport } from './usePassport';

type Passport = ReturnType<typeof usePassport>;

/** One joint after it was made: what was planned, what was done, by whom, and that nothing was altered since. */
export function PassportScreen({ joint }: { joint: JointView }) {
  const router = useRouter();
  const wide = useIsWide();
  const passport = usePassport(joint);
  const mayMake = useMayMake();
  const onward = useNextJoint(joint);
  const next = nextStep(joint, { mayMake, atTheTorch: isAtTheTorch(readChain(joint.entries)) }) ?? onward;
  const isIntact = passport.integrity.status === 'intact';
  const action = next
    ? { label: next.label, onPress: () => router.push(next.href) }
    : isIntact
      ? { label: 'Give a copy', onPress: () => void passport.exportFile() }
      : { label: 'Check every link', onPress: () => void passport.check(), disabled: joint.entries.length === 0 };
  return (
    <Sheet
      tag={joint.tag}
      title={joint.title}
      subtitle={wide ? madeByText(joint) : asMadeByText(joint)}
      up={{ label: WORDS.job(joint.job.number), href: `/jobs/${joint.job.id}` }}
      cells={jointCells(joint)}
      headerRight={wide ? <Verdict joint={joint} isUnbroken={isIntact} /> : undefined}
      action={action}
      round={
        isIntact && !next
          ? { label: WORDS.checkAgain, onPress: () => void passport.check() }
          : { label: WORDS.giveACopy, onPress: () => void passport.exportFile() }
      }
    >
      <LabelNote joint={joint} />
      <MadePart joint={joint} passport={passport} />
      {joint.entries.length > 0 ? <ChainPart joint={joint} passport={passport} /> : null}
      <ProofPart joint={joint} units={passport.units} />
      <View style={wide ? styles.columns : styles.list}>
        <InFull joint={joint} passport={passport} />
        <Beside joint={joint} passport={passport} isNext={next !== null} />
      </View>
    </Sheet>
  );
}

/** The chain as a row, and who has to do with it. */
function ChainPart({ joint, passport }: { joint: JointView; passport: Passport }) {
  const wide = useIsWide();
  const contents = readChain(joint.entries);
  const people = new Set(contents.map(({ person }) => person.name)).size;
  const corrections = contents.filter(({ corrects }) => corrects).length;
  return (
    <View style={styles.list}>
      <View style={styles.line}>
        <Words size={15}>
          <Words size={15} bold>
            {WORDS.entries(contents.length)}
          </Words>
          {` ${WORDS.byPeople(people)}${WORDS.corrections(corrections)}`}
        </Words>
        <Holds integrity={passport.integrity} />
      </View>
      <ChainStrip entries={joint.entries} brokenAt={brokenEntry(passport.integrity)} detailed={wide} />
    </View>
  );
}

/** Whether it holds, in a line; what else was found stands below. */
function Holds({ integrity }: { integrity: Passport['integrity'] }) {
  const wide = useIsWide();
  const entry = brokenEntry(integrity);
  if (entry !== null)
    return (
      <>
        <Cross size={18} />
        <Words size={15} bold tone="red">
          {WORDS.doesNotHold(entry)}
        </Words>
      </>
    );
  if (integrity.status !== 'intact') return null;
  return (
    <>
      <Tick size={18} />
      {wide ? (
        <>
          <Words size={15} tone="ink2" style={styles.grow}>
            {WORDS.holds}
          </Words>
          <Mono size={15} bold={false}>
            {WORDS.endsIn(hashInFours(integrity.found.head.slice(0, 12)))}
          </Mono>
        </>
      ) : null}
    </>
  );
}

/** Every entry with what it says, and what may be put right. */
function InFull({ joint, passport }: { joint: JointView; passport: Passport }) {
  const wide = useIsWide();
  return (
    <View style={[styles.list, wide && styles.grow]}>
      {joint.entries.length > 0 ? (
        <>
          <Heading size={17}>{WORDS.inFull}</Heading>
          <Chain
            entries={joint.entries}
            brokenAt={brokenEntry(passport.integrity)}
            under={(entry) => (
              <>
                <TheirRecord entry={entry} />
                <EntryRight joint={joint} entry={entry} />
              </>
            )}
          />
        </>
      ) : (
        <Empty title={WORDS.noRecordYet} text={WORDS.entriesBeginWhenThe} />
      )}
      <KeptLinks joint={joint} />
    </View>
  );
}

/** Whether it holds, whose it is, what can be said of it and given away. */
function Beside({ joint, passport, isNext }: { joint: JointView; passport: Passport; isNext: boolean }) {
  const wide = useIsWide();
  const me = useMe();
  const isLead = useIsLead();
  const brazedIt = me !== undefined && brazersOf(readChain(joint.entries)).includes(me.person.id);
  const mayJudge = isLead && joint.state === 'passed' && !brazedIt;
  return (
    <View style={[styles.list, wide && styles.beside]}>
      <IntegrityMark integrity={passport.integrity} entries={joint.entries.length} />
      {isNext ? <FrameKey label={WORDS.checkEveryLink} onPress={() => void passport.check()} /> : null}
      <Settle joint={joint} />
      {mayJudge ? <Judge jointId={joint.id} onJudge={passport.judge} busy={passport.judging} /> : null}
      {passport.problem ? <Failed message={passport.problem} /> : null}
      {joint.entries.length > 0 ? (
        <>
          <PaperKeys page="recordPdf" id={joint.id} name={`${joint.tag}-record`} />
          <PaperKeys page="labelPdf" id={joint.id} name={`${joint.tag}-label`} />
          <Comment of="joint" id={joint.id} />
        </>
      ) : null}
      <EraseWords joint={joint} />
    </View>
  );
}

interface Asked {
  readonly mayMake: boolean;
  readonly atTheTorch: boolean;
}

function nextStep(joint: JointView, { mayMake, atTheTorch }: Asked): NextHere | null {
  if (!mayMake) return null;
  if (atTheTorch) return { label: 'Go on at the torch', href: `/joints/${joint.id}/run` };
  if (joint.state === 'planned') return { label: 'Braze it', href: `/joints/${joint.id}/run` };
  if (joint.state === 'brazed') return { label: 'Look at it', href: `/joints/${joint.id}/look` };
  if (joint.state === 'rework' || joint.state === 'sent-back') return { label: 'Rework it', href: `/joints/${joint.id}/run` };
  return null;
}

const styles = StyleSheet.create({
  list: { gap: 10 },
  line: { flexDirection: 'row', gap: 12, alignItems: 'center', flexWrap: 'wrap' },
  columns: { flexDirection: 'row', gap: 40, paddingTop: 8 },
  grow: { flex: 1 },
  beside: { width: 380 },
});
