import { REFRIGERANT_NAMES, refrigerantName, SAFETY_CLASS_NAMES } from '@kesto/core';
import { useState } from 'react';
import { View } from 'react-native';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import { bareLengthUnit, useUnits } from '@/session/units';
import { FormChoice, FormFigure } from '@/forms/FormFields';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { useTokens } from '@/ui/theme';
import { Words } from '@/ui/Words';
import type { UnitForm } from './unitForm';
import { WORDS } from './words';

/** The ones met most in repair work today, one touch each. */
const EVERYDAY = ['R-410A', 'R-32', 'R-134a', 'R-404A', 'R-449A', 'R-407C', 'R-290', 'R-744'];

/** One circuit's plate: a panel with its figures as they stand on the machine. */
export function PlateFields({ form, index }: { form: UseFormReturn<UnitForm>; index: number }) {
  const t = useTokens();
  const units = useUnits();
  const { control, setValue } = form;
  const at = <Key extends string>(key: Key) => `circuits.${index}.${key}` as const;
  const [refrigerant, name, circuits] = useWatch({ control, name: [at('refrigerant'), at('name'), 'circuits'] });
  const unknown = refrigerant.trim() !== '' && refrigerantName(refrigerant) === undefined;
  const [all, setAll] = useState(false);
  return (
    <View style={{ backgroundColor: t.panel, borderWidth: 1.5, borderColor: t.rule, borderRadius: 4, padding: 14, gap: 12 }}>
      <Words size={15} tone="ink2">
        {circuits.length > 1 ? `the plate, ${name}` : 'the plate: refrigerant, and what each side is built for'}
      </Words>
      <View style={arrange.wrap12}>
        <FormFigure control={control} name={at('refrigerant')} label={WORDS.refrigerant} hint="R-410A, r32 ..." />
        <FormFigure control={control} name={at('highSide')} label={WORDS.highSide} unit={units.pressure} hint={WORDS.designPressure} />
        <FormFigure control={control} name={at('lowSide')} label={WORDS.lowSide} unit={units.pressure} hint={WORDS.designPressure} />
        <FormFigure
          control={control}
          name={at('coldest')}
          label={WORDS.coldest}
          unit={`°${units.temperature}`}
          hint={WORDS.ofTheEvaporatorUsual}
        />
        <FormFigure control={control} name={at('charge')} label={WORDS.charge} hint={WORDS.as32Kg} />
        <FormFigure control={control} name={at('oil')} label={WORDS.oil} hint={WORDS.asPoe32} />
      </View>
      <View role="group" aria-label={WORDS.refrigerantOneTouch} style={arrange.wrap6}>
        {(all ? REFRIGERANT_NAMES : EVERYDAY).map((name) => (
          <FrameKey
            key={name}
            label={name}
            onPress={() => setValue(at('refrigerant'), name, { shouldValidate: form.formState.isSubmitted })}
          />
        ))}
        <FrameKey label={all ? WORDS.fewer : WORDS.others} onPress={() => setAll(!all)} />
      </View>
      {unknown ? (
        <View style={arrange.stack6}>
          <Words size={15}>{WORDS.notKnownHere}</Words>
          <FormChoice
            control={control}
            name={at('safetyClass')}
            label={WORDS.safetyClass}
            options={SAFETY_CLASS_NAMES.map((value) => ({ value, label: value }))}
          />
        </View>
      ) : null}
      <Words size={15}>{WORDS.theLineTheNitrogenSweeps}</Words>
      <View style={arrange.wrap12}>
        <FormFigure control={control} name={at('lineOd')} label={WORDS.tube} unit={bareLengthUnit(units)} hint={WORDS.n78In22} />
        <FormFigure control={control} name={at('lineLength')} label={WORDS.length} unit={units.length === 'metric' ? 'm' : 'ft'} />
      </View>
    </View>
  );
}
