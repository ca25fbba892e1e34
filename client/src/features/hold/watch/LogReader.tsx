import { LOG_UNITS, type LogColumns } from '@kesto/core';
import { format } from 'date-fns/format';
import { StyleSheet, View } from 'react-native';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Failed } from '@/ui/states';
import { Mono, Words } from '@/ui/Words';
import { WORDS } from '../words';
import { useLog } from './useLog';

const PRESSURE = LOG_UNITS.pressure.map((value) => ({ value, label: value }));
const TEMPERATURE = LOG_UNITS.temperature.map((value) => ({ value, label: `°${value}` }));
const OF = { time: WORDS.logTime, pressure: WORDS.gauge, temperature: WORDS.pipe } as const;
const SHOWN = 3;

/** A logger's file: which column is which, what its first lines say, and then it is kept. */
export function LogReader({ job, hold, beganAt }: { job: string; hold: string; beganAt: string }) {
  const log = useLog(job, hold, beganAt);
  const { picked, read, sent } = log;
  if (!picked || !read)
    return (
      <View style={styles.all}>
        <FrameKey quiet label={WORDS.readLog} onPress={log.pick} />
        {log.problem ? <Failed message={log.problem} /> : null}
      </View>
    );
  const options = picked.header.map((name, i) => ({ value: String(i), label: name.trim() || `column ${i + 1}` }));
  const column = (of: keyof typeof OF) => (
    <View key={of}>
      <Words size={15} bold>
        {OF[of]}
      </Words>
      <Choice
        label={OF[of]}
        value={picked.columns[of] === null ? null : String(picked.columns[of])}
        options={options}
        onChange={(at) => log.choose({ [of]: Number(at) } satisfies Partial<LogColumns>)}
      />
    </View>
  );
  return (
    <View style={styles.all} role="group" aria-label={WORDS.readLog}>
      <Words size={17} bold>
        {picked.name}
      </Words>
      {(['time', 'pressure', 'temperature'] as const).map(column)}
      <Choice
        label={WORDS.logPressureUnit}
        value={picked.columns.pressureUnit}
        options={PRESSURE}
        onChange={(pressureUnit) => log.choose({ pressureUnit })}
      />
      <Choice
        label={WORDS.logTemperatureUnit}
        value={picked.columns.temperatureUnit}
        options={TEMPERATURE}
        onChange={(temperatureUnit) => log.choose({ temperatureUnit })}
      />
      {read.samples.slice(0, SHOWN).map(([n, ms, gauge, pipe]) => (
        <Mono key={n} size={15}>
          {`${format(new Date(ms), 'd MMM HH:mm:ss')}  ${(gauge * read.stepKpa).toFixed(1)} kPag  ${(pipe * read.stepK).toFixed(1)} °C`}
        </Mono>
      ))}
      <Words size={15} tone={read.skipped > 0 ? 'amber' : 'ink2'}>
        {WORDS.logHolds(read.samples.length, read.skipped)}
      </Words>
      <View style={styles.keys}>
        <FrameKey
          label={sent === null ? WORDS.keepLog : WORDS.logSent(sent, read.samples.length)}
          disabled={sent !== null}
          onPress={log.keep}
        />
        <FrameKey quiet label={WORDS.logDrop} onPress={log.drop} />
      </View>
      {log.problem ? <Failed message={log.problem} /> : null}
    </View>
  );
}

const styles = StyleSheet.create({ all: { gap: 8 }, keys: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
