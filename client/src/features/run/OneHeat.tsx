import type { JobView, JointView } from '@kesto/contract';
import { oneHeatText } from '@kesto/contract/wording';
import { heatSteps, MADE } from '@kesto/core';
import { skipToken } from '@reduxjs/toolkit/query/react';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useCircuitDrawing } from '@/data/circuits/api';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { FlagLine } from '@/ui/Flag';
import { WORDS } from './words';

/** Joints so near that the same flame makes them: they are made ready before it is lit. */
export function OneHeat({ joint, job }: { joint: JointView; job: JobView }) {
  const router = useRouter();
  const { data } = useCircuitDrawing(joint.at ? job.circuitId : skipToken);
  const graph = data?.drawing?.circuit;
  const open = job.order.filter(({ state }) => !MADE.includes(state));
  const heat = graph ? (heatSteps(graph, open).find((step) => step.includes(joint.id)) ?? []) : [];
  const others = open.filter(({ id }) => id !== joint.id && heat.includes(id));
  if (others.length === 0) return null;
  return (
    <View style={arrange.stack8}>
      <FlagLine letter="a" text={WORDS.thenThisOneAnd(oneHeatText(others.map(({ tag }) => tag)))} />
      {others.map(({ id, tag }) => (
        <FrameKey key={id} label={WORDS.onTo(tag)} onPress={() => router.push(`/joints/${id}/run`)} />
      ))}
    </View>
  );
}
