import type { JobView } from '@kesto/contract';
import { chargeWayText } from '@kesto/contract/wording';
import { LEAK_LAWS, LEAK_USES, type CircuitGraph } from '@kesto/core';
import { formatMass } from '@kesto/core/unit';
import { StyleSheet, View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import { StageSheet } from '@/features/stage';
import { FigureFields } from '@/forms/FigureFields';
import { useUnits } from '@/session/units';
import { Choice, LabelledChoice } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { Reading } from '@/ui/Reading';
import { Failed } from '@/ui/states';
import { Heading, Mono, Words } from '@/ui/Words';
import { Sisters } from '../Sisters';
import { WORDS } from '../words';
import { useChargePlan } from './useChargePlan';

interface ChargePlanningProps {
  readonly job: JobView;
  readonly graph: CircuitGraph | null;
  readonly work: StageWork;
}

/** What belongs in it, by plate and lines, and how it goes in. */
export function ChargePlanning({ job, graph, work }: ChargePlanningProps) {
  const units = useUnits();
  const plan = useChargePlan(job, graph, work);
  const { worked, figures } = plan;
  const wanted = worked ? formatMass(worked.targetKg, units) : null;
  const action = { label: WORDS.begin, disabled: work.busy || !worked, onPress: plan.submit };
  return (
    <StageSheet
      job={job}
      work={work}
      title={`${WORDS.title}, ${plan.refrigerant}`}
      skipSays={WORDS.skipSays}
      action={work.mayNote ? action : null}
      aside={
        <View>
          <Heading size={17}>{WORDS.ways}</Heading>
          {plan.ways.map((way, i) => (
            <View key={way} style={styles.way}>
              <Mono size={20}>{i + 1}</Mono>
              <Words size={15} style={styles.text}>
                {chargeWayText(way, plan.refrigerant)}
              </Words>
            </View>
          ))}
          {plan.isCritical || plan.isUnknown ? <Sisters job={job} /> : null}
          <Words size={14} tone="ink2">
            {WORDS.cuffs}
          </Words>
        </View>
      }
    >
      {plan.problem ? <Failed message={plan.problem} /> : null}
      <Reading
        label={WORDS.wanted}
        value={plan.isUnknown ? '?' : (wanted?.value ?? '–')}
        unit={plan.isUnknown ? '' : (wanted?.unit ?? '')}
        size={48}
        note={plan.isCritical ? WORDS.critical : WORDS.plate}
        testID="charge-wanted"
      />
      <FigureFields figures={figures} of={plan.hasLines ? figures.keys : ['dataPlate', 'length', 'maxCharge', 'hoses']} />
      {plan.hasLines ? (
        <>
          <Choice
            label={WORDS.rate}
            value={plan.per}
            onChange={plan.setPer}
            options={[
              { value: 'metre', label: `${WORDS.rate} ${WORDS.perMetre}` },
              { value: 'foot', label: `${WORDS.rate} ${WORDS.perFoot}` },
            ]}
          />
          <CheckRow label={WORDS.shorter} checked={plan.shorter} onChange={plan.setShorter} />
        </>
      ) : null}
      <CheckRow label={WORDS.unknown} checked={plan.isUnknown} onChange={plan.setIsUnknown} />
      {plan.isUnknown ? <Words size={15}>{WORDS.unknownSays}</Words> : null}
      <View style={styles.place}>
        <LabelledChoice
          label={WORDS.place}
          value={plan.place}
          onChange={plan.setPlace}
          options={LEAK_LAWS.map((value) => ({ value, label: WORDS.places[value] }))}
        />
        {plan.place === 'us' ? (
          <LabelledChoice
            label={WORDS.use}
            value={plan.use}
            onChange={plan.setUse}
            options={LEAK_USES.map((value) => ({ value, label: WORDS.uses[value] }))}
          />
        ) : null}
      </View>
    </StageSheet>
  );
}

const styles = StyleSheet.create({
  way: { flexDirection: 'row', gap: 12, paddingVertical: 6 },
  text: { flex: 1 },
  place: { gap: 6 },
});
