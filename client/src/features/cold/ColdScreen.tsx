import type { JobView, JointView } from '@kesto/contract';
import { COLD_CHECK_WORDS, COLD_METHOD_WORDS, coldFlawText, coldLimitText } from '@kesto/contract/wording';
import { CHECKS_OF, COLD_KIND, COLD_METHODS, coldFlaws, type ColdCheck, type ColdMethod } from '@kesto/core';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuid } from 'uuid';
import { jointCells } from '@/features/joint/cells';
import { seenOf } from '@/features/joint/usePassport';
import { entryWrite } from '@/features/joint/writes';
import { PhotoStrip } from '@/features/record/PhotoStrip';
import { usePhotos } from '@/features/record/usePhotos';
import { useWrite } from '@/outbox';
import { useUnits } from '@/state/units';
import { readFields } from '@/ui/form/fields';
import { useKeptForm } from '@/state/keptForm';
import { Choice } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { FlagLine } from '@/ui/Flag';
import { FigureFields } from '@/ui/form/FigureFields';
import { useFigures } from '@/ui/form/useFigures';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { ColdDrawing } from './ColdDrawing';
import { PROOFS, SHOWN, valuesOf, type Proof } from './proofs';
import { useTubeOd } from './useTubeOd';

const METHODS = COLD_METHODS.map((value) => ({ value, label: value }));

interface Ticks {
  readonly checks: readonly ColdCheck[];
  readonly proofs: readonly Proof[];
  readonly note: string;
}
const UNTICKED: Ticks = { checks: [], proofs: [], note: '' };
const asItStands = (values: Ticks) => ({ values, errors: {} });

/** A joint that no flame makes: its own checks, and what shows that it holds. */
export function ColdScreen({ joint, job, decided }: { joint: JointView; job: JobView; decided: ColdMethod }) {
  const router = useRouter();
  const [method, setMethod] = useState(decided);
  const odM = useTubeOd(joint, job);
  const units = useUnits();
  const { keep: write, busy, problem } = useWrite();
  const photos = usePhotos();
  const { watch, setValue, forget } = useKeptForm<Ticks>(`cold.${joint.id}.${method}.${joint.entries.length}`, UNTICKED, asItStands);
  const { checks, proofs } = watch();
  const figures = useFigures(`cold.${joint.id}.${method}`, SHOWN[method]);
  const words = COLD_METHOD_WORDS[method];
  const limits = coldLimitText(method, odM);
  const left = CHECKS_OF[method].filter((check) => !checks.includes(check)).length;
  const toggle = (check: ColdCheck, on: boolean) => setValue('checks', on ? [...checks, check] : checks.filter((one) => one !== check));
  const prove = (proof: Proof, on: boolean) => setValue('proofs', on ? [...proofs, proof] : proofs.filter((one) => one !== proof));
  const { read } = readFields(SHOWN[method], Object.fromEntries(figures.keys.map((key) => [key, figures.textOf(key)])), units);
  const flaws = coldFlaws(COLD_KIND[method], valuesOf(method, read, proofs), odM);
  const keep = async (typed: Parameters<typeof valuesOf>[1]) => {
    const values = { ...valuesOf(method, typed, proofs), checks: [...checks], note: '' };
    const shas = photos.photos.map(({ sha256 }) => sha256);
    const entry = { kind: COLD_KIND[method], values, photos: shas, deviceTime: new Date().toISOString(), seen: seenOf(joint) };
    const isSafe = await write(entryWrite(joint.id, uuid(), { jobId: job.id, ...entry }));
    if (!isSafe) return false;
    forget();
    router.push(`/joints/${joint.id}`);
    return true;
  };
  return (
    <Sheet
      tag={joint.tag}
      title={words.title}
      subtitle={joint.title}
      up={{ label: `job ${job.number}`, href: `/jobs/${job.id}` }}
      cells={jointCells(joint)}
      action={{
        label: left > 0 ? `${left} to look to first` : words.ends,
        disabled: left > 0 || busy,
        onPress: () => void figures.submit(keep),
      }}
    >
      {problem ? <Failed message={problem.message} /> : null}
      <ColdDrawing method={method} />
      <Choice label="how it is joined" value={method} options={METHODS} onChange={setMethod} />
      <FlagLine letter="a" text={words.caution} />
      {limits ? (
        <Words size={17} bold>
          {limits}
        </Words>
      ) : null}
      <View>
        {CHECKS_OF[method].map((check) => (
          <CheckRow key={check} label={COLD_CHECK_WORDS[check]} checked={checks.includes(check)} onChange={(on) => toggle(check, on)} />
        ))}
      </View>
      <Heading size={17}>What shows that it holds</Heading>
      <FigureFields figures={figures} />
      {PROOFS[method].map(({ proof, label }) => (
        <CheckRow key={proof} label={label} checked={proofs.includes(proof)} onChange={(on) => prove(proof, on)} />
      ))}
      {left === 0 && flaws.length > 0 ? <FlagLine stop letter="!" text={coldFlawText(flaws)} /> : null}
      <PhotoStrip photos={photos} />
    </Sheet>
  );
}
