import { REFRIGERANT_FATE_WORDS } from '@kesto/contract/wording';
import { annualRates, lastOf, REFRIGERANT_FATES, type RefrigerantFate as Fate } from '@kesto/core';
import { formatNumber } from '@kesto/core/unit';
import { useState } from 'react';
import { View } from 'react-native';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import type { StageWork } from '@/data/stages/useStage';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

/** Whether what comes out goes back in. */
export function RefrigerantFate({ work }: { work: StageWork }) {
  const [open, setOpen] = useState(false);
  const [fate, setFate] = useState<Fate>('reuse');
  const rates = annualRates(work.facts);
  const kept = lastOf(work.facts, 'refrigerant-fate')?.values;
  return (
    <View style={arrange.stack6}>
      <Heading size={17}>{WORDS.theRefrigerant}</Heading>
      <Words size={15}>
        {kept
          ? `${REFRIGERANT_FATE_WORDS[kept.fate]}: ${kept.why}`
          : 'Goes back in where it is clean, dry and of one kind; fresh after a burn-out, acid, or a large vapour leak of a blend.'}
      </Words>
      {rates ? (
        <Words size={15} tone="ink2">
          {WORDS.lostAtOfItsCharge(formatNumber(rates.annualised, 0), formatNumber(rates.rolling, 0))}
        </Words>
      ) : null}
      {!work.mayNote ? null : open ? (
        <NoteForm
          keptAs={work.keptAs('refrigerant-fate')}
          title={WORDS.backInOrFresh}
          fields={{ why: 'why' }}
          label={WORDS.keepIt}
          busy={work.busy}
          onKeep={({ why = '' }) => closing(() => setOpen(false))(work.note('refrigerant-fate', { fate, why }))}
        >
          <Choice
            label={WORDS.theRefrigerantLabel}
            value={fate}
            onChange={setFate}
            options={REFRIGERANT_FATES.map((value) => ({ value, label: REFRIGERANT_FATE_WORDS[value] }))}
          />
        </NoteForm>
      ) : (
        <View style={arrange.atStart}>
          <FrameKey label={kept ? WORDS.decideAnew : WORDS.sayWhatBecomesOf} onPress={() => setOpen(true)} />
        </View>
      )}
    </View>
  );
}
