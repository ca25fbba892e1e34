import type { JobSum, JobView } from '@kesto/contract';
import { SCHOOL_QUESTIONS, SCHOOL_TEXTS, schoolName } from '@kesto/contract/wording';
import { STAGE_WORDS } from '@kesto/contract/wording/stages';
import { format } from 'date-fns/format';
import { View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

/** What is noted of the job as a whole: its own schools with the reason, and sums kept from the bench. */
export function JobNotes({ job }: { job: JobView }) {
  const { schools, sums, stageNotes = [] } = job;
  return (
    <View style={arrange.stack14}>
      {schools ? (
        <View style={arrange.stack3}>
          <Heading size={17}>{WORDS.exceptionsFromShopPractice}</Heading>
          {SCHOOL_QUESTIONS.flatMap((question) =>
            schools.schools[question] === undefined ? (
              []
            ) : (
              <Words key={question} size={15}>
                {SCHOOL_TEXTS[question].question}:{' '}
                <Words size={15} bold>
                  {schoolName(question, schools.schools[question] ?? '')}
                </Words>
              </Words>
            ),
          )}
          {schools.reason ? <Words size={15}>{WORDS.why(schools.reason)}</Words> : null}
          <Signature by={schools.by} at={schools.at} />
        </View>
      ) : null}
      {stageNotes.length > 0 ? <Heading size={17}>{WORDS.notesOfStages}</Heading> : null}
      {stageNotes.map((note) => (
        <View key={note.id} style={arrange.stack3}>
          <Words size={15}>
            <Words size={15} bold>
              {STAGE_WORDS[note.of]}:{' '}
            </Words>
            {note.text}
          </Words>
          <Signature by={note.by} at={note.at} />
        </View>
      ))}
      {sums.length > 0 ? <Heading size={17}>{WORDS.sumsKeptFromTheBench}</Heading> : null}
      {sums.map((sum) => (
        <Sum key={sum.id} sum={sum} />
      ))}
    </View>
  );
}

function Sum({ sum }: { sum: JobSum }) {
  const t = useTokens();
  const lines = (rows: JobSum['given']) => rows.map((row) => `${row.label} ${row.text}`).join(' · ');
  return (
    <View style={{ gap: 3, borderLeftWidth: 4, borderColor: t.teal, paddingLeft: 10 }}>
      <Words bold size={15}>
        {sum.calculator}: {lines(sum.answers)}
      </Words>
      <Words size={14} tone="ink2">
        {WORDS.from(lines(sum.given))}
      </Words>
      {sum.note ? <Words size={15}>{sum.note}</Words> : null}
      <Signature by={sum.by} at={sum.at} />
    </View>
  );
}

function Signature({ by, at }: { by: string; at: string }) {
  return (
    <Words size={14} tone="ink2">
      {by}, {format(new Date(at), 'd MMM yyyy, HH:mm')}
    </Words>
  );
}
