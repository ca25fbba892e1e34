import { BEND_POINT_WORDS } from '@kesto/contract/wording';
import type { BendPoint } from '@kesto/core';
import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { bendsHref } from '@/data/stages/stageHref';
import type { StageWork } from '@/data/stages/useStage';
import { ListRow } from '@/ui/ListRow';
import { Ring } from '@/ui/Ring';
import type { SheetAction } from '@/ui/Sheet';
import { Words } from '@/ui/Words';
import { WORDS } from './words';

const isBends = ({ gate }: StageWork['gates'][number]): boolean => gate === 'bend-open';

/** What bends the job and is asked before this stage is done. */
const asked = ({ state, gates }: StageWork): readonly BendPoint[] =>
  state === 'open' ? (gates.filter(isBends).flatMap(({ open }) => open) as BendPoint[]) : []; // cast: that gate holds points of bends

/** What keeps a stage open besides what bends the job: that has its own way. */
export const gatesOfItsOwn = ({ gates }: StageWork): StageWork['gates'] => gates.filter((gate) => !isBends(gate));

/** What is asked after the points of bends: nobody signs before them. */
const comesAfter = ({ gate }: StageWork['gates'][number]): boolean => gate === 'not-signed';

/** The stage's own action; where nothing else comes before them, the way to what bends the job. */
export function useBendsAction(work: StageWork, action: SheetAction | null): SheetAction | null {
  const router = useRouter();
  const isLast = asked(work).length > 0 && work.gates.every((gate) => isBends(gate) || comesAfter(gate));
  if (!isLast || action === null) return action;
  return { label: WORDS.answerBends, onPress: () => router.push(bendsHref(work.job.id)) };
}

/** Names what bends the job and this stage waits for, and leads there; nothing where it waits for none. */
export function BendsAsked({ work }: { work: StageWork }) {
  const router = useRouter();
  const points = asked(work);
  if (points.length === 0) return null;
  return (
    <View role="list" aria-label={WORDS.bends}>
      <ListRow role="link" onPress={() => router.push(bendsHref(work.job.id))}>
        <Ring state="open" size={26} />
        <View style={styles.says}>
          <Words size={15} bold tone="amber">
            {WORDS.bendsOpen(points.length)}
          </Words>
          <Words size={14} tone="ink2">
            {points.map((point) => BEND_POINT_WORDS[point].name).join(', ')}
          </Words>
        </View>
      </ListRow>
    </View>
  );
}

const styles = StyleSheet.create({ says: { flex: 1 } });
