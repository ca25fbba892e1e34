import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Quantity } from '@kesto/core';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { KeepKey } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from '../words';
import type { WeighProps } from './formProps';
import { keepWeight } from './keepWeight';
import type { WeighedCylinder } from './useChargeWeigh';

const NEW = {
  name: { label: 'cylinder', kind: 'name' },
  before: { label: 'on the scale before', kind: 'mass' },
  after: { label: 'now', kind: 'mass', hint: 'as before, where none went in yet', optional: true },
  stampedTare: { label: 'stamped tare', kind: 'mass', optional: true },
  putBack: { label: WORDS.putBackWhy, kind: 'words', optional: true },
} as const;
const ALWAYS = ['name', 'before', 'after', 'stampedTare'] as const;
const AGAIN = { after: { label: 'on the scale now', kind: 'mass' } } as const;

/** A cylinder that was not on the scale yet. */
export function NewCylinder({ weigh, onKept, onWhole }: WeighProps) {
  const figures = useFigures(weigh.work.keptAs(`cylinder.${weigh.cylinders.length}`), NEW);
  const [isBack, setIsBack] = useState(false);
  const soFar = figures.soFar();
  const keep = () =>
    figures.submit(async ({ name, before, after = before, stampedTare, putBack }) => {
      if (isBack && !putBack) {
        figures.complain('putBack', WORDS.putBackNeeded);
        return false;
      }
      const told = { name, before, after, ...(stampedTare ? { stampedTare } : {}), ...(isBack && putBack ? { putBack } : {}) };
      return keepWeight(weigh, told, { complain: (why) => figures.complain('after', why), onKept, onWhole });
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.scaleTitle}</Heading>
      <Words size={15} tone="ink2">{`${WORDS.scaleSays} ${WORDS.another(weigh.refrigerant)}`}</Words>
      <FigureFields figures={figures} of={ALWAYS} />
      <CheckRow label={WORDS.putBack} checked={isBack} onChange={setIsBack} />
      {isBack ? (
        <>
          <Words size={15}>{WORDS.putBackSays}</Words>
          <FigureFields figures={figures} of={['putBack']} />
        </>
      ) : null}
      <KeepWeight weigh={weigh} name={soFar.name} before={soFar.before} after={soFar.after} onPress={keep} />
    </View>
  );
}

/** The cylinder that stands on it, read again. */
export function ReadScale({ weigh, cylinder, onKept, onWhole }: WeighProps & { cylinder: WeighedCylinder }) {
  const figures = useFigures(weigh.work.keptAs(`scale.${cylinder.name}`), AGAIN);
  const { name, before, stampedTare } = cylinder.kept;
  const keep = () =>
    figures.submit(async ({ after }) => {
      const told = { name, before, after, ...(stampedTare ? { stampedTare } : {}) };
      return keepWeight(weigh, told, { complain: (why) => figures.complain('after', why), onKept, onWhole });
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{`${WORDS.scaleTitle}, ${cylinder.name}`}</Heading>
      <FigureFields figures={figures} />
      <KeepWeight weigh={weigh} name={name} before={before} after={figures.soFar().after} onPress={keep} />
    </View>
  );
}

interface KeepWeightProps extends Pick<WeighProps, 'weigh'> {
  readonly name: string | undefined;
  readonly before: Quantity | undefined;
  readonly after: Quantity | undefined;
  readonly onPress: () => Promise<boolean>;
}

/** Keeps a weight; where it makes the charge whole the key says so, and keeps that too. */
function KeepWeight({ weigh, name, before, after, onPress }: KeepWeightProps) {
  const isWhole = name && before && after && weigh.wholeWith({ name, before, after, stampedTare: null }) !== null;
  return <KeepKey label={isWhole ? WORDS.keepAllIn : WORDS.keepWeight} busy={weigh.work.busy} onPress={() => void onPress()} />;
}

const styles = StyleSheet.create({ form: { gap: 10 } });
