import type { JobView, JointView } from '@kesto/contract';
import { COLD_CHECK_WORDS, COLD_METHOD_WORDS, coldLimitText } from '@kesto/contract/wording';
import { CHECKS_OF, COLD_METHODS, type ColdMethod } from '@kesto/core';
import { View } from 'react-native';
import { jointCells } from '@/data/joints/cells';
import { PhotoStrip } from '@/features/photos';
import { Choice } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { FlagLine } from '@/ui/Flag';
import { FigureFields } from '@/forms/FigureFields';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { Heading, Words } from '@/ui/Words';
import { ColdFlaws } from './ColdFlaws';
import { ColdDrawing } from './ColdDrawing';
import { PROOFS } from './proofs';
import { useCold } from './useCold';
import { WORDS } from './words';

const METHODS = COLD_METHODS.map((value) => ({ value, label: value }));

/** A joint that no flame makes: its own checks, and what shows that it holds. */
export function ColdScreen({ joint, job, decided }: { joint: JointView; job: JobView; decided: ColdMethod }) {
  const cold = useCold(joint, job, decided);
  const { method, left } = cold;
  const words = COLD_METHOD_WORDS[method];
  const limits = coldLimitText(method, cold.odM);
  return (
    <Sheet
      tag={joint.tag}
      title={words.title}
      subtitle={joint.title}
      up={{ label: WORDS.job(job.number), href: `/jobs/${job.id}` }}
      cells={jointCells(joint)}
      action={{ label: left > 0 ? WORDS.toLookToFirst(left) : words.ends, disabled: left > 0 || cold.busy, onPress: cold.submit }}
    >
      {cold.problem ? <Failed message={cold.problem} /> : null}
      <ColdDrawing method={method} />
      <Choice label={WORDS.howItIsJoined} value={method} options={METHODS} onChange={cold.setMethod} />
      <FlagLine letter="a" text={words.caution} />
      {limits ? (
        <Words size={17} bold>
          {limits}
        </Words>
      ) : null}
      <View>
        {CHECKS_OF[method].map((check) => (
          <CheckRow
            key={check}
            label={COLD_CHECK_WORDS[check]}
            checked={cold.checks.includes(check)}
            onChange={(on) => cold.toggle(check, on)}
          />
        ))}
      </View>
      <Heading size={17}>{WORDS.whatShowsThatItHolds}</Heading>
      <FigureFields figures={cold.figures} />
      {PROOFS[method].map(({ proof, label }) => (
        <CheckRow key={proof} label={label} checked={cold.proofs.includes(proof)} onChange={(on) => cold.prove(proof, on)} />
      ))}
      {left === 0 ? <ColdFlaws cold={cold} /> : null}
      <PhotoStrip photos={cold.photos} />
    </Sheet>
  );
}
