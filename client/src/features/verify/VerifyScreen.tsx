import { View } from 'react-native';
import { brokenEntry, Chain, IntegrityMark } from '@/features/chain';
import { JobMark } from '@/features/jobRecord';
import { Broken } from '@/ui/Broken';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { useRecordCheck } from './useRecordCheck';

/** Checks a record file in this browser: nothing is sent anywhere. */
export function VerifyScreen() {
  const { checked, job, problem, noted, setNoted, choose } = useRecordCheck();
  return (
    <Sheet
      tag="check"
      title="A record’s file"
      subtitle="checked here, sent nowhere"
      up={{ label: 'today', href: '/' }}
      cells={{ here: 'verify' }}
      action={{ label: 'Choose a file', onPress: () => void choose() }}
    >
      <TextField label="a hash you noted (from paper; may stay empty)" value={noted} onChange={setNoted} multiline />
      {problem ? <Failed message={problem} /> : null}
      {job ? <JobMark found={job} /> : null}
      {checked ? (
        <Broken what="This record" of={checked}>
          <View style={{ gap: 12 }}>
            <IntegrityMark integrity={checked.integrity} entries={checked.record.entries.length} />
            <Chain entries={checked.record.entries} brokenAt={brokenEntry(checked.integrity)} />
          </View>
        </Broken>
      ) : problem || job ? null : (
        <Empty title="No file chosen" text="A joint’s record is given from its sheet with “give a copy”, a whole job’s from the job." />
      )}
    </Sheet>
  );
}
