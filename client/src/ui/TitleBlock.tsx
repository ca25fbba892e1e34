import type { JobStage } from '@kesto/contract';
import { useRouter, type Href } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { useSelector } from 'react-redux';
import { useMeQuery } from '@/features/session/api';
import { useTodayQuery } from '@/features/today/api';
import { selectWaiting } from '@/state/look';
import { unitWords } from '@/state/units';
import { Pill, RoundKey } from './Keys';
import type { SheetAction } from './Sheet';
import { StageRow } from './StagePath';
import { useTokens } from './theme';
import { Mono, Words } from './Words';

export type CellName = 'today' | 'unit' | 'job' | 'joint' | 'person' | 'verify' | 'bench';

/** What the title block names, from the large to the small; the cell one is in carries the thick bar. */
export interface TitleCells {
  readonly here: CellName;
  readonly unit?: { readonly name: string; readonly href?: Href };
  readonly job?: { readonly number: number; readonly stage: JobStage; readonly done?: boolean; readonly href: Href };
  readonly joint?: { readonly text: string };
}

interface CellProps {
  readonly label: string;
  readonly here: boolean;
  readonly href?: Href | undefined;
  readonly onPress?: () => void;
  readonly children: ReactNode;
}

function Cell({ label, here, href, onPress, children }: CellProps) {
  const t = useTokens();
  const router = useRouter();
  return (
    <Pressable
      role={href ? 'link' : onPress ? 'button' : undefined}
      disabled={!href && !onPress}
      onPress={() => (onPress ? onPress() : href && router.push(href))}
      style={{
        paddingHorizontal: 14,
        paddingTop: here ? 9 : 14,
        borderRightWidth: 1,
        borderColor: t.rule,
        borderTopWidth: here ? 5 : 0,
        borderTopColor: t.copper,
        minWidth: 76,
        height: '100%',
      }}
    >
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
    </Pressable>
  );
}

/** A cell that a key opens: the key in its box, what it opens under it. */
function KeyCell({ letter, label, here, href, onPress }: Omit<CellProps, 'children'> & { letter: string }) {
  const t = useTokens();
  const router = useRouter();
  return (
    <Pressable
      role={href ? 'link' : 'button'}
      onPress={() => (onPress ? onPress() : href && router.push(href))}
      style={{
        width: 62,
        height: '100%',
        alignItems: 'center',
        gap: 3,
        paddingTop: here ? 7 : 12,
        borderRightWidth: 1,
        borderColor: t.rule,
        borderTopWidth: here ? 5 : 0,
        borderTopColor: t.copper,
      }}
    >
      <View
        style={{
          width: 28,
          height: 26,
          borderWidth: 1.5,
          borderColor: t.ink,
          borderRadius: 5,
          alignItems: 'center',
          justifyContent: 'center',
        }}
      >
        <Mono size={15}>{letter}</Mono>
      </View>
      <Words size={14}>{label}</Words>
    </Pressable>
  );
}

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
  const { data: me } = useMeQuery();
  const { data: today } = useTodayQuery(undefined, { skip: !me });
  const waiting = useSelector(selectWaiting);
  return (
    <View
      role="navigation"
      aria-label="title block"
      style={{ flexDirection: 'row', height: 80, borderTopWidth: 2, borderColor: t.ink, backgroundColor: t.paper }}
    >
      <Cell label="today" here={cells.here === 'today'} href="/">
        {today ? `${today.jobs.length} jobs` : 'jobs'}
      </Cell>
      {cells.unit ? (
        <Cell label="unit" here={cells.here === 'unit'} href={cells.unit.href}>
          {cells.unit.name}
        </Cell>
      ) : null}
      {cells.job ? (
        <Cell label={`job ${cells.job.number} · ${cells.job.stage}`} here={cells.here === 'job'} href={cells.job.href}>
          <View style={{ paddingTop: 6 }}>
            <StageRow stage={cells.job.stage} done={cells.job.done ?? false} />
          </View>
        </Cell>
      ) : null}
      {cells.joint ? (
        <Cell label="joint" here={cells.here === 'joint'}>
          {cells.joint.text}
        </Cell>
      ) : null}
      <KeyCell letter="b" label="bench" here={cells.here === 'bench'} href="/bench" />
      <KeyCell letter="c" label="check" here={cells.here === 'verify'} href="/verify" />
      <KeyCell letter="?" label="keys" here={false} onPress={onKeys} />
      {me ? (
        <Cell label={me.person.name} here={cells.here === 'person'} href="/me">
          {unitWords(me.units)}
        </Cell>
      ) : null}
      <Cell label={waiting === 0 ? 'in step' : 'on its way'} here={false}>
        {waiting === 0 ? 'all stored' : `${waiting} being sent`}
      </Cell>
      <View style={{ flex: 1, flexDirection: 'row', gap: 12, paddingHorizontal: 14, alignItems: 'center', justifyContent: 'flex-end' }}>
        {round ? <RoundKey {...round} testID="round" /> : null}
        {action ? (
          <View style={{ width: 230, flexDirection: 'row' }}>
            <Pill {...action} />
          </View>
        ) : null}
      </View>
    </View>
  );
}
