import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { Opens } from '@/ui/Opens';
import { Tick } from '@/ui/marks';
import { useTokens } from '@/ui/theme';
import { Heading, Mono, Words } from '@/ui/Words';
import type { FirstStep } from './useFirstSteps';
import { WORDS } from './words';

const RING = 40;

/** The way from an empty shop to its first job: rings on a tube that fills as far as one has come. Any of them can wait. */
export function FirstSteps({ steps }: { steps: readonly FirstStep[] }) {
  const next = steps.findIndex((step) => !step.done);
  return (
    <View style={styles.page}>
      <Heading size={20}>{WORDS.fiveSteps}</Heading>
      <Words size={15} tone="ink2" style={styles.over}>
        {WORDS.anyOrder}
      </Words>
      {steps.map((step, i) => (
        <Step key={step.title} step={step} place={i + 1} isNext={i === next} isLast={i === steps.length - 1} />
      ))}
    </View>
  );
}

function Step({ step, place, isNext, isLast }: { step: FirstStep; place: number; isNext: boolean; isLast: boolean }) {
  const t = useTokens();
  const router = useRouter();
  return (
    <Opens role="link" onPress={() => router.push(step.href)} says={`${step.title}${step.done ? ', done' : ''}`}>
      <View style={styles.step}>
        <View style={styles.rail}>
          <View
            style={{
              width: RING,
              height: RING,
              borderRadius: RING / 2,
              borderWidth: isNext ? 3 : 1.5,
              borderStyle: step.done || isNext ? 'solid' : 'dashed',
              borderColor: isNext ? t.copper : t.ink,
              alignItems: 'center',
              justifyContent: 'center',
            }}
          >
            {step.done ? <Tick size={22} /> : <Mono size={17}>{place}</Mono>}
          </View>
          {isLast ? null : (
            <View
              style={{
                flex: 1,
                width: 10,
                minHeight: 22,
                borderLeftWidth: 2,
                borderRightWidth: 2,
                borderColor: t.ink,
                backgroundColor: step.done ? t.copper : 'transparent',
              }}
            />
          )}
        </View>
        <View style={styles.said}>
          <Words size={17} bold>
            {step.title}
          </Words>
          <Words size={15} tone="ink2">
            {step.says}
          </Words>
        </View>
      </View>
    </Opens>
  );
}

const styles = StyleSheet.create({
  page: { maxWidth: 640 },
  over: { paddingBottom: 10 },
  step: { flexDirection: 'row', gap: 14 },
  rail: { alignItems: 'center', width: RING },
  said: { flex: 1, paddingBottom: 14, minHeight: 56 },
});
