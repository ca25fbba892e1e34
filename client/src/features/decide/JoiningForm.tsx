import type { JobView } from '@kesto/contract';
import { JOINING_METHOD_WORDS, joiningWhyText } from '@kesto/contract/wording';
import { flareTorqueNm, isFlameBarred, joiningChoices, safetyClassOf, type CircuitGraph, type JoiningMethod } from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { closing } from '@/data/stages/closing';
import type { StageWork } from '@/data/stages/useStage';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { lengthM } from '@/forms/si';
import { arrange } from '@/ui/arrange';
import { Choice, KeepKey } from '@/ui/Buttons';
import { VerdictMark } from '@/ui/marks';
import { ChoiceCard } from '@/ui/ChoiceCard';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

interface JoiningFormProps {
  readonly job: JobView;
  readonly graph: CircuitGraph;
  readonly places: readonly string[];
  readonly nameOf: (place: string) => string;
  readonly work: StageWork;
  readonly onKept: () => void;
}

const footPounds = (newtonMetres: number) => Math.round(newtonMetres * 0.7376);

const WHY = { why: { label: 'why, where it is another reason', kind: 'name', optional: true } } as const;

/** How the joints at a part are made: each way with what speaks for and against it here. */
export function JoiningForm({ job, graph, places, nameOf, work, onKept }: JoiningFormProps) {
  const [place, setPlace] = useState(places[0] ?? '');
  const [hot, setHot] = useState<'allowed' | 'not-allowed'>(isFlameBarred(work.facts) ? 'not-allowed' : 'allowed');
  const [shakes, setShakes] = useState<'still' | 'shakes'>('still');
  const [method, setMethod] = useState<JoiningMethod | null>(null);
  const figures = useFigures(work.keptAs(`joining.${places.join('+')}`), WHY);
  const tube = graph.links.find((link) => (link.from === place || link.to === place) && link.tube)?.tube;
  const torque = tube ? flareTorqueNm(lengthM(tube.od)) : null;
  const choices = joiningChoices({
    odM: tube ? lengthM(tube.od) : null,
    ...{
      safetyClass: safetyClassOf(job.circuit),
      refrigerant: job.circuit.refrigerant,
      near: job.stages.near,
      vibration: shakes === 'shakes',
      flameAllowed: hot === 'allowed',
    },
  });
  const reason = figures.textOf('why').trim() || joiningWhyText(choices.find((choice) => choice.method === method)?.why ?? []);
  return (
    <View style={arrange.stack10}>
      <Heading size={20}>{WORDS.howTheJointsAreMade}</Heading>
      {places.length > 1 ? (
        <Choice label={WORDS.at} value={place} onChange={setPlace} options={places.map((value) => ({ value, label: nameOf(value) }))} />
      ) : (
        <Words>{nameOf(place)}</Words>
      )}
      <Choice
        label={WORDS.flameHere}
        value={hot}
        onChange={setHot}
        options={[
          { value: 'allowed', label: WORDS.aFlameMayBe },
          { value: 'not-allowed', label: WORDS.noFlameHere },
        ]}
      />
      <Choice
        label={WORDS.itShakes}
        value={shakes}
        onChange={setShakes}
        options={[
          { value: 'still', label: WORDS.theLineIsStill },
          { value: 'shakes', label: WORDS.itShakes },
        ]}
      />
      {choices.map((choice) => (
        <ChoiceCard key={choice.method} chosen={choice.method === method} onPress={() => setMethod(choice.method)}>
          <View style={arrange.level10}>
            <VerdictMark verdict={choice.verdict} />
            <View style={arrange.fill}>
              <Words size={15} bold>
                {JOINING_METHOD_WORDS[choice.method]}
              </Words>
              <Words size={14} tone="ink2">
                {joiningWhyText(choice.why)}
                {choice.method === 'flare' && torque
                  ? `; nut ${torque.least} to ${torque.most} N m (${footPounds(torque.least)} to ${footPounds(torque.most)} ft-lbf), oil on its face, two wrenches`
                  : ''}
              </Words>
            </View>
          </View>
        </ChoiceCard>
      ))}
      <FigureFields figures={figures} />
      <KeepKey
        label={WORDS.keepHowItIs}
        busy={work.busy}
        disabled={method === null || place === ''}
        onPress={() => void figures.submit(() => method !== null && closing(onKept)(work.note('joining', { place, method, why: reason })))}
      />
    </View>
  );
}
