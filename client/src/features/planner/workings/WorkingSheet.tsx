import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { arrange } from '@/ui/arrange';
import { RoundKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Heading, Mono, Words } from '@/ui/Words';
import type { Working } from './index';
import { WORDS } from '../words';

/** The sheet behind a folded corner. */
export function WorkingSheet({ working, onClose, children }: { working: Working; onClose: () => void; children?: ReactNode }) {
  const t = useTokens();
  const assumed = working.inputs.some((i) => i.assumed);
  return (
    <View style={arrange.stack12} role="region" aria-label={WORDS.working(working.title)}>
      <View style={arrange.apart12}>
        <View style={arrange.fill}>
          <Words size={14} tone="ink2">
            {WORDS.why}
          </Words>
          <Heading size={24}>{working.title}</Heading>
        </View>
        <RoundKey label={WORDS.closeLabel} onPress={onClose} />
      </View>
      <Words>{working.sentence}</Words>
      {children}
      {working.scale ? <Scale {...working.scale} /> : null}
      <View style={{ gap: 2, borderTopWidth: 1, borderBottomWidth: 1, borderColor: t.rule, paddingVertical: 10 }}>
        {working.formula.map((line, i) => (
          <Mono key={line} size={i === working.formula.length - 1 ? 17 : 15} bold={i !== 1 || working.formula.length < 3}>
            {line}
          </Mono>
        ))}
      </View>
      <View>
        {working.inputs.map((input) => (
          <View
            key={input.name}
            style={{ flexDirection: 'row', gap: 8, paddingVertical: 7, borderBottomWidth: 1, borderColor: t.rule, alignItems: 'baseline' }}
          >
            <Mono size={15} tone="copper" style={styles.step}>
              {input.symbol}
            </Mono>
            <View style={arrange.fill}>
              <Words size={15}>{input.name}</Words>
              <Words size={14} tone="ink2">
                {input.source}
                {input.assumed ? ' *' : ''}
              </Words>
            </View>
            <Mono size={15}>{input.value}</Mono>
          </View>
        ))}
      </View>
      {working.change ? (
        <View style={arrange.stack2}>
          <Words size={15} bold>
            {WORDS.whatWouldChange}
          </Words>
          <Words size={15}>{working.change}</Words>
        </View>
      ) : null}
      {assumed ? (
        <Words size={14} tone="ink2">
          {WORDS.assumed}
        </Words>
      ) : null}
    </View>
  );
}

function Scale({ min, max, good, at, cold, unit }: NonNullable<Working['scale']>) {
  const t = useTokens();
  const percent = (value: number) => `${Math.max(0, Math.min(100, (100 * (value - min)) / (max - min)))}%` as const;
  const width = `${Math.max(0, (100 * (Math.min(good[1], max) - good[0])) / (max - min))}%` as const;
  return (
    <View style={arrange.stack4}>
      <View style={{ height: 20, borderWidth: 1, borderColor: t.rule, justifyContent: 'center' }}>
        <View
          style={{
            position: 'absolute',
            left: percent(good[0]),
            width,
            top: 0,
            bottom: 0,
            backgroundColor: t.tealWash,
            borderWidth: 2,
            borderColor: t.teal,
          }}
        />
        {cold === undefined ? null : (
          <View style={{ position: 'absolute', left: percent(cold), width: 3, height: 14, backgroundColor: t.ink }} />
        )}
        <View
          style={{
            position: 'absolute',
            left: percent(at),
            marginLeft: -8,
            width: 16,
            height: 16,
            borderRadius: 8,
            backgroundColor: t.copper,
            borderWidth: 2,
            borderColor: t.paper,
          }}
        />
      </View>
      <View style={arrange.apart}>
        <Mono size={14} bold={false} tone="ink2">
          {min}
        </Mono>
        <Words size={14} tone="ink2">
          {WORDS.allowedTo(good[0].toPrecision(2), good[1].toPrecision(2))}
        </Words>
        <Mono size={14} bold={false} tone="ink2">
          {`${max.toPrecision(2)} ${unit}`}
        </Mono>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  step: { width: 26 },
});
