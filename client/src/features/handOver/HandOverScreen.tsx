import type { JobView } from '@kesto/contract';
import { HAND_OVER_ANSWER_WORDS, HAND_OVER_WORDS, stageEntryWord, stageFactText, stillOpenText } from '@kesto/contract/wording';
import { format } from 'date-fns/format';
import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { useStage, type StageWork } from '@/data/stages/useStage';
import { ReadingTable } from '@/features/readings';
import { StageSheet, WithCircuit } from '@/features/stage';
import { FrameKey } from '@/ui/Buttons';
import { Ring } from '@/ui/Ring';
import type { SheetAction } from '@/ui/Sheet';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { MaterialsForm, NoteForm, SignForm, usedText } from './Forms';
import { Paper } from './Paper';
import { ProofForm } from './ProofForm';
import { useHandOver, type HandOverWork } from './useHandOver';
import { WORDS } from './words';

type Panel = 'materials' | 'note' | 'proof' | 'sign';

/** The end of a job: before and after, what is put back, what was used, who signs. */
export function HandOverScreen({ id }: { id: string }) {
  return <WithCircuit id={id}>{(job) => <Ready job={job} />}</WithCircuit>;
}

function actionOf(
  end: HandOverWork,
  work: StageWork,
  acts: { open: (panel: Panel) => void; up: () => void; close: () => void },
): SheetAction {
  const disabled = work.busy;
  if (work.state !== 'open') return { label: WORDS.toJob, onPress: acts.up };
  if (!end.signed) return { label: WORDS.sign, disabled, onPress: () => acts.open('sign') };
  return { label: WORDS.close, disabled: disabled || work.gates.length > 0, onPress: acts.close };
}

interface PanelProps {
  readonly end: HandOverWork;
  readonly work: StageWork;
  readonly onKept: () => void;
  readonly onClosed: () => void;
}

function panelOf(panel: Panel | null, props: PanelProps): ReactNode {
  if (panel === 'materials') return <MaterialsForm {...props} />;
  if (panel === 'note') return <NoteForm {...props} />;
  if (panel === 'proof') return <ProofForm {...props} />;
  return panel === 'sign' ? <SignForm {...props} /> : null;
}

function Ready({ job }: { job: JobView }) {
  const router = useRouter();
  const work = useStage(job, 'hand-over');
  const end = useHandOver(job, work);
  const [panel, setPanel] = useState<Panel | null>(null);
  const close = () => setPanel(null);
  const up = () => router.push(`/jobs/${job.id}`);
  const closeJob = () => void work.note('done', {}).then((kept) => kept && up());
  const over = panel ? { content: panelOf(panel, { end, work, onKept: close, onClosed: closeJob }), onClose: close } : null;
  return (
    <StageSheet
      job={job}
      work={work}
      title={WORDS.title}
      skipSays={WORDS.skipSays}
      action={work.mayMake ? actionOf(end, work, { open: setPanel, up, close: closeJob }) : null}
      why={work.state === 'open' ? stillOpenText(work.gates) : undefined}
      over={over}
      more={(shut) => (end.signed ? null : <FrameKey label={WORDS.sign} onPress={() => (shut(), setPanel('sign'))} />)}
      aside={<Leaves end={end} work={work} job={job} onOpen={setPanel} />}
    >
      <Heading size={17}>{WORDS.beforeAfter}</Heading>
      {end.rows ? (
        <ReadingTable rows={end.rows} hasBefore />
      ) : (
        <Words size={15} tone="ink2">
          {WORDS.noAfter}
        </Words>
      )}
      <Heading size={17}>
        {end.isNo && end.open.length === 0 ? WORDS.nothingMended : WORDS.list(end.open.length, end.points.length)}
      </Heading>
      {end.points.map((row) => (
        <PointRow
          key={row.point}
          row={row}
          end={end}
          mayNote={work.mayNote}
          onDone={() =>
            row.point === 'joint-tightness' && end.unproved.length > 0 ? setPanel('proof') : void end.answer(row.point, 'done')
          }
        />
      ))}
      {work.mayNote && end.together.length > 1 ? (
        <FrameKey
          label={WORDS.together(end.together.length)}
          disabled={work.busy}
          onPress={() => void end.answerAll(end.together, 'done')}
        />
      ) : null}
      {work.mayNote && end.untouched.length > 1 ? (
        <FrameKey
          label={WORDS.untouched(end.untouched.length)}
          disabled={work.busy}
          onPress={() => void end.answerAll(end.untouched, 'none-here')}
        />
      ) : null}
    </StageSheet>
  );
}

type Row = HandOverWork['points'][number];

/** One point of the list, answered where it stands. */
function PointRow({ row, end, mayNote, onDone }: { row: Row; end: HandOverWork; mayNote: boolean; onDone: () => void }) {
  const t = useTokens();
  const { point, said, isOpen, mayBeNone } = row;
  const { name, asks } = HAND_OVER_WORDS[point];
  return (
    <View style={[styles.point, { borderColor: t.hair }]} testID={`point-${point}`}>
      <Ring state={isOpen ? 'open' : 'done'} size={26} />
      <View style={styles.says}>
        <Words size={15} bold>
          {said && !isOpen ? `${name}: ${HAND_OVER_ANSWER_WORDS[said]}` : name}
        </Words>
        <Words size={14} tone="ink2">
          {asks}
        </Words>
      </View>
      {mayNote && isOpen ? (
        <View style={styles.answers}>
          <FrameKey label={WORDS.done} says={`${name}: ${WORDS.done}`} onPress={onDone} />
          {mayBeNone ? (
            <FrameKey
              quiet
              label={WORDS.noneHere}
              says={`${name}: ${WORDS.noneHere}`}
              onPress={() => void end.answer(point, 'none-here')}
            />
          ) : null}
        </View>
      ) : null}
    </View>
  );
}

interface LeavesProps {
  readonly end: HandOverWork;
  readonly work: StageWork;
  readonly job: JobView;
  readonly onOpen: (panel: Panel) => void;
}

/** What stays behind: materials, the note, paper, the signature. */
function Leaves({ end, work, job, onOpen }: LeavesProps) {
  const { signed, used, notes, after } = end;
  return (
    <View style={styles.aside}>
      <View style={styles.part}>
        <Heading size={17}>{WORDS.materials}</Heading>
        {used.length === 0 ? (
          <Words size={15} tone="ink2">
            {WORDS.none}
          </Words>
        ) : null}
        {used.map((line, i) => (
          <Words key={`${usedText(line)}.${i}`} size={15}>
            {usedText(line)}
          </Words>
        ))}
        {work.mayNote ? <FrameKey label={WORDS.addMaterial} onPress={() => onOpen('materials')} /> : null}
      </View>
      <View style={styles.part}>
        <Heading size={17}>{WORDS.note}</Heading>
        {notes.length === 0 ? (
          <Words size={15} tone="ink2">
            {WORDS.none}
          </Words>
        ) : null}
        {notes.map((note) => (
          <Words key={note.id} size={15}>
            {stageFactText(note)}
          </Words>
        ))}
        {work.mayNote ? <FrameKey label={WORDS.writeNote} onPress={() => onOpen('note')} /> : null}
      </View>
      <Paper job={job} end={end} mayNote={work.mayNote} />
      <Words size={15} bold>
        {signed ? WORDS.signed(signed.values.name, format(new Date(signed.at), 'd MMM, HH:mm')) : WORDS.notSigned}
      </Words>
      {after.length > 0 ? (
        <View style={styles.part}>
          <Heading size={17}>{WORDS.after}</Heading>
          {after.map((fact) => (
            <Words key={fact.id} size={15} tone="amber">
              {`${stageEntryWord(fact.kind)} ${stageFactText(fact)}`}
            </Words>
          ))}
        </View>
      ) : null}
      <Words size={14} tone="ink2">
        {WORDS.cuffs}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  point: { flexDirection: 'row', flexWrap: 'wrap', gap: 10, alignItems: 'center', borderTopWidth: 1, paddingVertical: 8 },
  says: { flex: 1, minWidth: 200 },
  answers: { flexDirection: 'row', gap: 6, marginLeft: 36 },
  aside: { gap: 18 },
  part: { gap: 8, alignItems: 'flex-start' },
});
