import type { Stage } from '@kesto/contract/api';
import { STAGE_WORDS } from '@kesto/contract/wording/stages';
import { useRouter, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View, type ViewStyle } from 'react-native';
import { KeyBox } from './KeyBox';
import { Pill, RoundKey } from './Buttons';
import type { SheetAction } from './Sheet';
import { StageRow } from './StagePath';
import { KEPT_LABELS, keptWords } from './keptWords';
import { useStation } from './station';
import { useTokens } from './theme';
import { isOpenToListeners } from './connection';
import { Words } from './Words';

export type CellName = 'today' | 'kept' | 'unit' | 'job' | 'joint' | 'person' | 'verify' | 'bench' | 'van';

/** What the title block names, from the large to the small; the cell one is in carries the thick bar. */
export interface TitleCells {
  readonly here: CellName;
  readonly unit?: { readonly name: string; readonly href?: Href };
  readonly job?: { readonly number: number; readonly stage: Stage; readonly began: Stage; readonly done?: boolean; readonly href: Href };
  readonly joint?: { readonly text: string };
}

interface FrameProps {
  readonly here: boolean;
  readonly href?: Href | undefined;
  readonly onPress?: () => void;
}

/** One cell of the block: where it leads, and the thick bar where one is. */
function CellFrame({ here, href, onPress, style, children }: FrameProps & { style: ViewStyle; children: ReactNode }) {
  const t = useTokens();
  const router = useRouter();
  return (
    <Pressable
      role={href ? 'link' : onPress ? 'button' : undefined}
      disabled={!href && !onPress}
      onPress={() => (onPress ? onPress() : href && router.push(href))}
      style={{
        height: '100%',
        borderRightWidth: 1,
        borderColor: t.rule,
        borderTopWidth: here ? BAR : 0,
        borderTopColor: t.copper,
        ...style,
      }}
    >
      {children}
    </Pressable>
  );
}

const BAR = 5;

function Cell({ label, children, ...frame }: FrameProps & { label: string; children: ReactNode }) {
  return (
    <CellFrame {...frame} style={{ paddingHorizontal: 14, paddingTop: frame.here ? 14 - BAR : 14, minWidth: 76 }}>
      <Words size={14} tone="ink2" numberOfLines={1}>
        {label}
      </Words>
      {typeof children === 'string' ? (
        <Words size={17} bold numberOfLines={1}>
          {children}
        </Words>
      ) : (
        children
      )}
    </CellFrame>
  );
}

/** A cell that a key opens: the key in its box, what it opens under it. */
function KeyCell({ letter, label, ...frame }: FrameProps & { letter: string; label: string }) {
  return (
    <CellFrame {...frame} style={{ width: 58, alignItems: 'center', gap: 3, paddingTop: frame.here ? 12 - BAR : 12 }}>
      <KeyBox text={letter} minWidth={28} />
      <Words size={14}>{label}</Words>
    </CellFrame>
  );
}

const jobsWords = (jobs: number | null) => (jobs === null ? 'jobs' : jobs === 1 ? '1 job' : `${jobs} jobs`);

export function TitleBlock({
  cells,
  action,
  round,
  onKeys,
}: {
  cells: TitleCells;
  action?: SheetAction | undefined;
  round?: (SheetAction & { pressed?: boolean }) | undefined;
  onKeys: () => void;
}) {
  const t = useTokens();
  const station = useStation();
  return (
    <View
      role="navigation"
      aria-label="title block"
      style={{ flexDirection: 'row', height: 80, borderTopWidth: 2, borderColor: t.ink, backgroundColor: t.paper }}
    >
      <Cell label="today" here={cells.here === 'today'} href="/">
        {jobsWords(station?.jobs ?? null)}
      </Cell>
      {cells.unit ? (
        <Cell label="unit" here={cells.here === 'unit'} href={cells.unit.href}>
          {cells.unit.name}
        </Cell>
      ) : null}
      {cells.job ? (
        <Cell label={`job ${cells.job.number} · ${STAGE_WORDS[cells.job.stage]}`} here={cells.here === 'job'} href={cells.job.href}>
          <View style={styles.cell}>
            <StageRow stage={cells.job.stage} began={cells.job.began} done={cells.job.done ?? false} />
          </View>
        </Cell>
      ) : null}
      {cells.joint ? (
        <Cell label="joint" here={cells.here === 'joint'}>
          {cells.joint.text}
        </Cell>
      ) : null}
      {station ? <KeyCell letter="/" label="find" here={false} onPress={station.find} /> : null}
      <KeyCell letter="v" label="van" here={cells.here === 'van'} href="/van" />
      {/* Beside a joint there is no room for them: their keys still do. */}
      {cells.joint ? null : (
        <>
          <KeyCell letter="b" label="bench" here={cells.here === 'bench'} href="/bench" />
          <KeyCell letter="c" label="check" here={cells.here === 'verify'} href="/verify" />
        </>
      )}
      <KeyCell letter="?" label="keys" here={false} onPress={onKeys} />
      {station ? (
        <>
          <Cell label={station.name} here={cells.here === 'person'} href="/me">
            {station.units}
          </Cell>
          {isOpenToListeners() ? (
            <Cell label="not private" here={false}>
              plain HTTP
            </Cell>
          ) : null}
          <Cell label={KEPT_LABELS[station.kept.status]} here={cells.here === 'kept'} href="/kept">
            {keptWords(station.kept)}
          </Cell>
        </>
      ) : null}
      <View style={styles.right}>
        {round ? <RoundKey {...round} testID="round" /> : null}
        {action ? (
          <View style={styles.way}>
            <Pill {...action} />
          </View>
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  cell: { paddingTop: 6 },
  right: { flex: 1, flexDirection: 'row', gap: 12, paddingHorizontal: 14, alignItems: 'center', justifyContent: 'flex-end' },
  way: { width: 230, flexDirection: 'row' },
});
