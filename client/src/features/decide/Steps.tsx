import { cautionText, showIn } from '@kesto/contract/wording';
import type { Isolation } from '@kesto/core';
import { View } from 'react-native';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { FlagLine, letterOf } from '@/ui/Flag';
import { useTokens } from '@/ui/theme';
import { Heading, Mono, Words } from '@/ui/Words';
import { stepsOf, type Step } from './steps';
import { WORDS } from './words';

const SAYS: Readonly<Record<Step['does'], (parts: string) => readonly [string, string]>> = {
  open: (parts) => [`Open ${parts}`, 'else liquid stays behind it'],
  'hold-open': (parts) => [
    `Hold ${parts} open until it is empty`,
    'by its coil or a magnet: it shuts with the thermostat and the lock-out',
  ],
  shut: (parts) => [`Shut ${parts}`, 'cuts the discharge off from the work'],
  'run-down': () => ['Run down, never below zero gauge', 'air drawn in is compressed with oil'],
  wait: () => ['Stop, wait 5 min, run again', 'oil gives refrigerant back'],
  'shut-after': (parts) => [`Shut ${parts}`, 'holds the charge back from the work'],
  'shut-off': (parts) => [`Shut ${parts}`, 'only the piece between is recovered'],
  recover: () => ['Recover into a weighed cylinder', 'never above 80 % of it, never warmer than 52 °C'],
};

/** What is done one after the other, and what to mind while it is done. */
export function Steps({ answer, nameOf }: { answer: Isolation | null; nameOf: (id: string) => string }) {
  const t = useTokens();
  const units = useUnits();
  if (!answer) return null;
  return (
    <View>
      <Heading size={20}>{WORDS.inThisOrder}</Heading>
      {stepsOf(answer).map((step) => {
        const [title, why] = SAYS[step.does](step.parts.map(nameOf).join(', '));
        return (
          <View key={step.number} style={{ flexDirection: 'row', gap: 12, paddingVertical: 8, borderBottomWidth: 1, borderColor: t.rule }}>
            <View
              style={{ width: 30, height: 30, borderRadius: 15, backgroundColor: t.ink, alignItems: 'center', justifyContent: 'center' }}
            >
              <Mono size={15} tone="paper">
                {step.number}
              </Mono>
            </View>
            <View style={arrange.fill}>
              <Words size={15} bold>
                {title}
              </Words>
              <Words size={14} tone="ink2">
                {why}
              </Words>
            </View>
          </View>
        );
      })}
      {answer.cautions.map((caution, i) => (
        <FlagLine key={caution.code} letter={letterOf(i)} text={cautionText(caution, showIn(units))} stop={caution.severity === 'stop'} />
      ))}
    </View>
  );
}
