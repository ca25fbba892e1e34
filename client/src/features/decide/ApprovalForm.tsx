import { APPROVAL_WAY_WORDS, priceCheckText } from '@kesto/contract/wording';
import { APPROVAL_WAYS, openChecks, type ApprovalWay, type PriceFacts } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import { bendsHref } from '@/data/stages/stageHref';
import type { StageWork } from '@/data/stages/useStage';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

interface ApprovalFormProps {
  readonly work: StageWork;
  readonly about: PriceFacts;
  /** Nothing but the yes keeps the stage open: with it the stage is ended. */
  readonly onDecided: (() => void) | null;
  readonly onKept: () => void;
}

/** Who said yes, to what, how; or whom it waits for. */
export function ApprovalForm({ work, about, onDecided, onKept }: ApprovalFormProps) {
  const router = useRouter();
  const [how, setHow] = useState<ApprovalWay>('phone');
  const held = openChecks(about);
  const then = closing(onKept);
  return (
    <View style={styles.form}>
      <NoteForm
        keptAs={work.keptAs('approval')}
        title={WORDS.theYes}
        fields={{ by: 'who said yes', for: 'to what', amount: 'price, where one was named' }}
        optional={['amount']}
        main
        label={onDecided ? WORDS.keepYesAndGo : WORDS.keepYes}
        busy={work.busy}
        onKeep={({ by = '', for: what = '', amount = '' }) =>
          closing(onDecided ?? onKept)(work.note('approval', { by, how, for: what, ...(amount === '' ? {} : { amount }) }))
        }
      >
        <Choice
          label={WORDS.how}
          value={how}
          onChange={setHow}
          options={APPROVAL_WAYS.map((value) => ({ value, label: APPROVAL_WAY_WORDS[value] }))}
        />
        {held.length > 0 ? (
          <Words size={15} tone="amber">
            {WORDS.noPriceBeforeThis(held.map(priceCheckText).join(', '))}
          </Words>
        ) : null}
      </NoteForm>
      <NoteForm
        keptAs={work.keptAs('waiting')}
        title={WORDS.orItWaits}
        says={WORDS.theJobStandsHere}
        fields={{ what: 'what it waits for', forWhom: 'for whom' }}
        label={WORDS.itWaits}
        busy={work.busy}
        onKeep={({ what = '', forWhom = '' }) => then(work.note('waiting', { what, forWhom }))}
      />
      <View style={styles.no}>
        <Heading size={17}>{WORDS.orItIsANo}</Heading>
        <Words size={15} tone="ink2">
          {WORDS.nothingIsMended}
        </Words>
        <FrameKey
          label={WORDS.theOwnerSaysNo}
          disabled={work.busy}
          onPress={() => void work.note('bend-began', { bend: 'owner-no' }).then((kept) => kept && router.push(bendsHref(work.job.id)))}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({ form: { gap: 22 }, no: { gap: 8 } });
