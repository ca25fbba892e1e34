import { cautionText, drawnName, showIn } from '@kesto/contract/wording';
import type { CircuitGraph } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { FigureFields } from '@/forms/FigureFields';
import { isPast } from '@/data/van/isPast';
import { useUnits } from '@/session/units';
import { Choice } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { FlagLine, letterOf } from '@/ui/Flag';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';
import { GasChoice } from './GasChoice';
import type { LookTo } from './lookTo';
import { StrengthRow } from './StrengthRow';
import type { HoldPlanWork } from './useHoldPlan';

interface BeforeProps {
  readonly hold: HoldPlanWork;
  readonly graph: CircuitGraph | null;
  readonly lookTo: readonly LookTo[];
}

/** What is typed, and what is looked to before gas is let in. */
export function Before({ hold, graph, lookTo }: BeforeProps) {
  const units = useUnits();
  const { plan, gauges, gaugeAt, takenOff, looked } = hold;
  const gauge = gauges[gaugeAt];
  const nameOf = (id: string) => (graph ? drawnName(graph, id) : id);
  const show = showIn(units);
  const untested = plan?.reach.untested ?? [];
  const loose = (graph?.parts ?? [])
    .filter(({ id, kind, closes }) => kind === 'valve' && closes === undefined && hold.parts.includes(id))
    .map(({ id }) => id);
  return (
    <View style={styles.all}>
      <FigureFields figures={hold.figures} />
      {gauges.length > 1 ? (
        <Choice
          label={WORDS.gauge}
          value={String(gaugeAt)}
          options={gauges.map(({ name }, i) => ({ value: String(i), label: name }))}
          onChange={(index) => hold.chooseGauge(Number(index))}
        />
      ) : null}
      {gauge?.calibratedUntil !== undefined && isPast(gauge.calibratedUntil) ? (
        <Words size={15} tone="amber">
          {WORDS.gaugeOver(gauge.name, gauge.calibratedUntil)}
        </Words>
      ) : null}
      <Heading size={17}>{WORDS.beforeGas}</Heading>
      <GasChoice gas={hold.gas} onChoose={hold.setGas} />
      {hold.gas === 'other' ? null : <FlagLine stop letter="!" text={WORDS.gasOnly} />}
      {(plan?.cautions ?? []).map((caution, i) => (
        <FlagLine
          key={caution.code}
          letter={letterOf(i)}
          stop={caution.severity === 'stop'}
          text={cautionText(
            {
              ...caution,
              values: { ...caution.values, ...(caution.values?.['parts'] ? { parts: namesIn(caution.values['parts'], nameOf) } : {}) },
            },
            show,
          )}
        />
      ))}
      {loose.length > 0 ? <FlagLine letter="v" text={WORDS.notParted(loose.map(nameOf).join(', '))} /> : null}
      {untested.length > 0 ? <FlagLine letter="u" text={WORDS.untested(untested.map(nameOf).join(', '))} /> : null}
      {plan ? <StrengthRow strength={plan.strength} graph={graph} isOn={hold.isStrong} onChange={hold.setStrong} /> : null}
      <View>
        {[...new Set([...(plan?.takeOff ?? []), ...takenOff])].map((id) => (
          <CheckRow key={id} label={WORDS.takeOff(nameOf(id))} checked={takenOff.includes(id)} onChange={() => hold.takeOff(id)} />
        ))}
        {lookTo.map(({ id, says }) => (
          <CheckRow key={id} label={says} checked={looked.includes(id)} onChange={() => hold.look(id)} />
        ))}
      </View>
      <Words size={14} tone="ink2">
        {WORDS.cuffs}
      </Words>
    </View>
  );
}

/** A caution names parts by their ids. */
const namesIn = (ids: string | number, nameOf: (id: string) => string) =>
  String(ids)
    .split(', ')
    .map((id) => (id.includes('>') ? id.split('>').map(nameOf).join(' to ') : nameOf(id)))
    .join(', ');

const styles = StyleSheet.create({ all: { gap: 10 } });
