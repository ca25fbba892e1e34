import { SCHOOL_TEXTS, schoolName } from '@kesto/contract/wording';
import { SCHOOLS, type SchoolQuestion, type Schools } from '@kesto/core';
import { View } from 'react-native';
import { answered } from '@/features/shop';
import { arrange } from '@/ui/arrange';
import { Choice } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { useCarried } from '@/data/van/useCarried';
import { ACCESSES, OUTLETS, SIDES } from '@/draft/choices';
import type { Draft } from '@/draft/drafts';
import { NearEditor } from './NearEditor';
import { PlaceEditor } from './PlaceEditor';
import { SweptQuestion } from './SweptQuestion';
import type { Planner } from '../usePlanner';
import { WORDS } from '../words';

/** Service, purge way and what is near. */
export function AroundEditor({ planner }: { planner: Planner }) {
  const { draft, change, problems } = planner;
  return (
    <View style={arrange.stack12}>
      <Heading size={17}>{WORDS.aroundTheJoint}</Heading>
      <NearEditor planner={planner} />
      <Words size={15}>{WORDS.whichLine}</Words>
      <Choice label={WORDS.whichLine} value={draft.side} options={SIDES} onChange={(side) => change({ side })} />
      <Choice
        label={WORDS.doesItShake}
        value={draft.vibration ? 'yes' : 'no'}
        options={[
          { value: 'no', label: WORDS.standsStill },
          { value: 'yes', label: WORDS.vibrates },
        ]}
        onChange={(v) => change({ vibration: v === 'yes' })}
      />
      <Choice label={WORDS.access} value={draft.access} options={ACCESSES} onChange={(access) => change({ access })} />
      <Words size={15}>{WORDS.whereTheNitrogenGetsOut}</Words>
      <Choice label={WORDS.whereTheNitrogenGetsOut} value={draft.outlet} options={OUTLETS} onChange={(outlet) => change({ outlet })} />
      {problems['purge.outlet.kind'] ? (
        <Words tone="red" size={15} role="alert">
          {problems['purge.outlet.kind']}
        </Words>
      ) : null}
      <SweptQuestion planner={planner} />
      <PlaceEditor planner={planner} />
      <SchoolChoices draft={draft} onChange={(schools) => change({ schools })} />
    </View>
  );
}

const OF_A_JOINT: readonly SchoolQuestion[] = ['houseRod', 'heatProtection', 'strengthCode'];
const AS_THE_JOB = 'as the job';

/** One joint may be made otherwise than its job; the plan then asks why. */
function SchoolChoices({ draft, onChange }: { draft: Draft; onChange: (schools: Schools) => void }) {
  const isCarried = useCarried();
  return (
    <View style={arrange.stack8}>
      {OF_A_JOINT.map((question) => (
        <View key={question} style={arrange.stack6}>
          <Words size={15}>{SCHOOL_TEXTS[question].question.toLowerCase()}</Words>
          <Choice
            label={SCHOOL_TEXTS[question].question}
            value={draft.schools[question] ?? AS_THE_JOB}
            options={[AS_THE_JOB, ...SCHOOLS[question]].map((value) => ({
              value,
              label: schoolName(question, value),
              disabled: value !== draft.schools[question] && !isCarried(value),
            }))}
            onChange={(answer) => onChange(answered(draft.schools, question, answer === AS_THE_JOB ? null : answer))}
          />
        </View>
      ))}
    </View>
  );
}
