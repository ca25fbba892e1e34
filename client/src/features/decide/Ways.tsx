import { ISOLATION_METHOD_WORDS, isolationWhyText } from '@kesto/contract/wording';
import { ISOLATION_METHODS, type Isolation, type IsolationMethod, type IsolationWhy } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { VerdictMark } from '@/ui/marks';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

/** Against a pump-down, or against taking a piece alone; the rest speaks for what is advised. */
const AGAINST_A_PIECE: readonly IsolationWhy['code'][] = ['not-bounded'];
const FOR: readonly IsolationWhy['code'][] = ['valves-shut', 'emptied-by-compressor', 'other-position', 'bounded', 'held-open'];

type Stand = 'best' | 'allowed' | 'forbidden';

function standOf(method: IsolationMethod, answer: Isolation): Stand {
  if (method === answer.method) return 'best';
  if (method === 'recover-all') return 'allowed';
  return ISOLATION_METHODS.indexOf(method) < ISOLATION_METHODS.indexOf(answer.method) ? 'forbidden' : 'allowed';
}

function whysOf(method: IsolationMethod, answer: Isolation): readonly IsolationWhy[] {
  if (method === answer.method) return answer.why.filter((why) => FOR.includes(why.code));
  const against = answer.why.filter((why) => !FOR.includes(why.code));
  if (method === 'pump-down') return against.filter((why) => !AGAINST_A_PIECE.includes(why.code));
  return method === 'recover-section' ? against.filter((why) => AGAINST_A_PIECE.includes(why.code)) : [];
}

const STAND_WORDS: Readonly<Record<Stand, string>> = { best: 'best', allowed: 'possible', forbidden: 'not here' };
const LAST_RESORT = 'nothing to trust: every valve may leak by, and all of the charge is weighed';

/** The ways to get at the work, ranked as fillers are: what speaks for each, and what against. */
export function Ways({ answer, nameOf }: { answer: Isolation | null; nameOf: (id: string) => string }) {
  const t = useTokens();
  return (
    <View>
      <Heading size={20}>
        {answer ? ISOLATION_METHOD_WORDS[answer.method].replace(/^./, (c) => c.toUpperCase()) : 'Ways to get at it'}
      </Heading>
      {!answer ? (
        <Words size={15} tone="ink2">
          {WORDS.tapThePartThatIsToBe}
        </Words>
      ) : (
        ISOLATION_METHODS.filter((method) => method !== 'recover-section' || standOf(method, answer) !== 'allowed').map((method) => {
          const stand = standOf(method, answer);
          const whys = whysOf(method, answer);
          return (
            <View key={method} style={{ flexDirection: 'row', gap: 10, paddingVertical: 10, borderBottomWidth: 1, borderColor: t.rule }}>
              <VerdictMark verdict={stand} />
              <View style={arrange.fill2}>
                <View style={styles.way}>
                  <Words bold>{ISOLATION_METHOD_WORDS[method]}</Words>
                  <Words size={15} bold tone={stand === 'forbidden' ? 'red' : 'copper'}>
                    {STAND_WORDS[stand]}
                  </Words>
                </View>
                {whys.map((why) => (
                  <Words key={why.code} size={15}>
                    {isolationWhyText(why, nameOf)}
                  </Words>
                ))}
                {method === 'recover-all' && whys.length === 0 ? <Words size={15}>{LAST_RESORT}</Words> : null}
              </View>
            </View>
          );
        })
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  way: { flexDirection: 'row', justifyContent: 'space-between', gap: 8 },
});
