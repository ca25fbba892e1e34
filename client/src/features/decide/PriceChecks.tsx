import { factsOf, lastOf, openChecks, type PriceFacts } from '@kesto/core';
import { APPROVAL_WAY_WORDS, priceCheckText } from '@kesto/contract/wording';
import { format } from 'date-fns/format';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { closing } from '@/data/stages/closing';
import { NoteForm } from '@/features/stage';
import type { StageWork } from '@/data/stages/useStage';
import { arrange } from '@/ui/arrange';
import { FrameKey } from '@/ui/Buttons';
import { Ring } from '@/ui/Ring';
import { useTokens } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { WORDS } from './words';

/** What has to be looked at before a price is named, and whose yes there is. */
export function PriceChecks({ work, about }: { work: StageWork; about: PriceFacts }) {
  const t = useTokens();
  const [asked, setAsked] = useState<string | null>(null);
  const answers = factsOf(work.facts, 'price-check');
  const open = openChecks(about);
  const approval = lastOf(work.facts, 'approval');
  const waiting = work.facts.findLast((fact) => fact.stage === 'decide');
  return (
    <View>
      <Heading size={17}>{WORDS.beforeAPriceIsNamed}</Heading>
      {answers.map((fact) => (
        <View key={fact.id} style={{ flexDirection: 'row', gap: 10, paddingVertical: 8, borderBottomWidth: 1, borderColor: t.rule }}>
          <Ring state="done" />
          <Words size={15} style={arrange.fill}>
            {priceCheckText(fact.values.of)}: {fact.values.found}
          </Words>
          <Words size={14} tone="ink2">
            {format(new Date(fact.at), 'HH:mm')}
          </Words>
        </View>
      ))}
      {open.map((check) => (
        <View key={check} style={{ paddingVertical: 8, borderBottomWidth: 1, borderColor: t.rule, gap: 8 }}>
          <View style={arrange.level10}>
            <Ring state="open" />
            <Words size={15} style={arrange.fill}>
              {priceCheckText(check)}
            </Words>
            {work.mayNote ? (
              <FrameKey
                label={WORDS.looked}
                says={WORDS.lookedAt(priceCheckText(check))}
                onPress={() => setAsked(asked === check ? null : check)}
              />
            ) : null}
          </View>
          {asked === check ? (
            <NoteForm
              keptAs={work.keptAs(`price-check.${check}`)}
              title={WORDS.whatWasFound}
              fields={{ found: 'found' }}
              label={WORDS.keepIt}
              busy={work.busy}
              onKeep={({ found = '' }) => closing(() => setAsked(null))(work.note('price-check', { of: check, found }))}
            />
          ) : null}
        </View>
      ))}
      {work.mayNote ? (
        <View style={styles.checks}>
          {asked === '' ? (
            <NoteForm
              keptAs={work.keptAs('price-held-until')}
              title={WORDS.toBeLookedAt}
              fields={{ check: 'what' }}
              label={WORDS.addIt}
              busy={work.busy}
              onKeep={({ check = '' }) => closing(() => setAsked(null))(work.note('price-held-until', { check }))}
            />
          ) : (
            <FrameKey label={WORDS.addWhatHasTo} onPress={() => setAsked('')} />
          )}
        </View>
      ) : null}
      <View style={{ marginTop: 12, padding: 10, backgroundColor: approval ? t.panel : t.amberWash }}>
        <Words size={15} bold tone={approval ? 'ink' : 'amber'}>
          {approval
            ? `yes by ${approval.values.by}, ${APPROVAL_WAY_WORDS[approval.values.how]}: ${approval.values.for}${approval.values.amount ? `, ${approval.values.amount}` : ''}`
            : waiting?.kind === 'waiting'
              ? `waits for ${waiting.values.forWhom}: ${waiting.values.what}, since ${format(new Date(waiting.at), 'd MMM, HH:mm')}`
              : 'nobody has said yes yet'}
        </Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  checks: { paddingTop: 8 },
});
