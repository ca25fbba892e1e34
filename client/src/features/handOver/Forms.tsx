import { HAND_OVER_WORDS, MATERIAL_UNIT_WORDS } from '@kesto/contract/wording';
import { STAGE_WORDS } from '@kesto/contract/wording/stages';
import { MATERIAL_UNITS, type MaterialUnit, type UsedMaterial } from '@kesto/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { StageWork } from '@/data/stages/useStage';
import { FigureFields } from '@/forms/FigureFields';
import { useFigures } from '@/forms/useFigures';
import { Choice, FrameKey, KeepKey } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { Heading, Words } from '@/ui/Words';
import { SignatureField } from './SignaturePad';
import type { HandOverWork } from './useHandOver';
import { WORDS } from './words';

interface FormProps {
  readonly end: HandOverWork;
  readonly work: StageWork;
  readonly onKept: () => void;
}

const USED = { what: { label: 'what', kind: 'name' }, amount: { label: 'how much', kind: 'number' } } as const;
export const usedText = ({ what, amount, unit }: UsedMaterial) => `${what}, ${amount} ${MATERIAL_UNIT_WORDS[unit]}`;

/** What was used, a line each, kept together. */
export function MaterialsForm({ end, work, onKept }: FormProps) {
  const [list, setList] = useState<readonly UsedMaterial[]>(end.suggested);
  const [unit, setUnit] = useState<MaterialUnit>('pieces');
  const figures = useFigures(work.keptAs('material'), USED);
  const add = () =>
    figures.submit(({ what, amount }) => {
      setList([...list, { what, amount: amount.value, unit }]);
      return true;
    });
  const keep = async () => {
    if (await end.keepUsed(list)) onKept();
  };
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.materialTitle}</Heading>
      {list.map((line, i) => (
        <View key={usedText(line)} style={styles.line}>
          <Words size={15} style={styles.says}>
            {usedText(line)}
          </Words>
          <FrameKey quiet label={WORDS.clear} onPress={() => setList(list.filter((_, at) => at !== i))} />
        </View>
      ))}
      <FigureFields figures={figures} />
      <Choice
        label={WORDS.unit}
        value={unit}
        onChange={setUnit}
        options={MATERIAL_UNITS.map((value) => ({ value, label: MATERIAL_UNIT_WORDS[value] }))}
      />
      <FrameKey label={WORDS.add} onPress={() => void add()} />
      <KeepKey label={WORDS.keepMaterials} busy={work.busy} disabled={list.length === 0} onPress={() => void keep()} />
    </View>
  );
}

const NOTE = {
  note: { label: 'note', kind: 'words' },
  nextCheck: { label: 'next check', kind: 'day', hint: 'as 2027-02-25', optional: true },
} as const;

/** What whoever comes next has to know. */
export function NoteForm({ end, work, onKept }: FormProps) {
  const figures = useFigures(work.keptAs('note'), NOTE);
  const [sisters, setSisters] = useState(false);
  const keep = () =>
    figures.submit(async ({ note, nextCheck }) => {
      const isSafe = await end.keepNote(note, sisters, nextCheck);
      if (isSafe) onKept();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.noteTitle}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.noteSays}
      </Words>
      <FigureFields figures={figures} />
      <CheckRow label={WORDS.sisters} checked={sisters} onChange={setSisters} />
      <KeepKey label={WORDS.keepNote} busy={work.busy} onPress={() => void keep()} />
    </View>
  );
}

const SIGN = { name: { label: 'name', kind: 'name' }, role: { label: 'signs as', kind: 'name', hint: 'as for the owner' } } as const;

/** Somebody signs, by name and hand; what is open is named to them first. */
export function SignForm({ end, work, onKept, onClosed }: FormProps & { readonly onClosed: () => void }) {
  const figures = useFigures(work.keptAs('sign'), SIGN);
  const [drawn, setDrawn] = useState('');
  const [round, setRound] = useState(0);
  const closes = work.gates.every(({ gate }) => gate === 'not-signed');
  const keep = (then: () => void) =>
    figures.submit(async ({ name, role }) => {
      const isSafe = await end.sign(name, role, drawn);
      if (isSafe) then();
      return isSafe;
    });
  return (
    <View style={styles.form}>
      <Heading size={20}>{WORDS.signTitle}</Heading>
      <Words size={15} tone="ink2">
        {WORDS.signSays}
      </Words>
      {end.open.length > 0 ? (
        <Words size={15} bold tone="red">
          {WORDS.openPoints(end.open.map((point) => HAND_OVER_WORDS[point].name).join(', '))}
        </Words>
      ) : null}
      {end.notEnded.length > 0 ? (
        <Words size={15} bold tone="red">
          {WORDS.notEnded(end.notEnded.map((stage) => STAGE_WORDS[stage]).join(', '))}
        </Words>
      ) : null}
      <FigureFields figures={figures} />
      <SignatureField onDrawn={setDrawn} round={round} />
      <FrameKey quiet label={WORDS.clear} onPress={() => (setDrawn(''), setRound(round + 1))} />
      {closes ? (
        <>
          <KeepKey label={WORDS.signAndClose} busy={work.busy} onPress={() => void keep(onClosed)} />
          <FrameKey quiet label={WORDS.signOnly} disabled={work.busy} onPress={() => void keep(onKept)} />
        </>
      ) : (
        <KeepKey label={WORDS.keepSign} busy={work.busy} onPress={() => void keep(onKept)} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 10 },
  line: { flexDirection: 'row', gap: 8, alignItems: 'center' },
  says: { flex: 1 },
});
