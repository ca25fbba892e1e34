import { GAUGE_PLACE_WORDS } from '@kesto/contract/wording';
import { GAUGE_PLACES, RISE_LIMITS } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { FigureFields } from '@/forms/FigureFields';
import { LabelledChoice } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';
import type { PullPlanWork } from './usePullPlan';

interface TermsProps {
  readonly plan: PullPlanWork;
  readonly nameOf: (id: string) => string;
}

/** Where the hoses hang and the gauge sits, with which pump, and how the rise is judged. */
export function Terms({ plan, nameOf }: TermsProps) {
  const { ports, all, core, gaugeAt, school, esterOil, figures } = plan;
  return (
    <View style={styles.terms}>
      <View>
        <Heading size={17}>{WORDS.ports}</Heading>
        {all.map((id) => (
          <CheckRow key={id} label={nameOf(id)} checked={ports.includes(id)} onChange={() => plan.togglePort(id)} />
        ))}
        {all.length === 0 ? <Words size={15}>{WORDS.noPort}</Words> : null}
      </View>
      <LabelledChoice
        label={WORDS.core}
        value={core}
        onChange={plan.setCore}
        options={[
          { value: 'out', label: WORDS.coreOut },
          { value: 'in', label: WORDS.coreIn },
        ]}
      />
      <FigureFields figures={figures} />
      <Words size={14} tone="ink2">
        {WORDS.usual}
      </Words>
      <LabelledChoice
        label={WORDS.gaugeAt}
        value={gaugeAt}
        onChange={plan.setGaugeAt}
        options={GAUGE_PLACES.map((value) => ({ value, label: GAUGE_PLACE_WORDS[value] }))}
      />
      <LabelledChoice
        label={WORDS.school}
        value={school}
        onChange={plan.setSchool}
        options={RISE_LIMITS.map((value) => ({ value, label: WORDS.schools[value] }))}
      />
      <CheckRow label={WORDS.esterOil} checked={esterOil} onChange={plan.setEsterOil} />
    </View>
  );
}

const styles = StyleSheet.create({ terms: { gap: 14 } });
