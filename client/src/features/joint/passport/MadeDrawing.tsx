import type { JointView } from '@kesto/contract';
import { brazedValues } from '@kesto/contract/wording';
import { formatLength, inTurn, readChain, readingText, type JointPlan, type UnitPreferences } from '@kesto/core';
import { sectionOf } from '@kesto/core/section';
import { frameOf } from '@/drawing/joint/frame';
import { JointSection } from '@/drawing/joint/JointDrawing';
import { Rule } from '@/drawing/joint/Rule';
import { Measured, nearMarks } from '@/features/plan';
import { WORDS } from './words';

/** From this width on there is room for a sentence beside the mouth. */
const ROOMY = 500;

interface MadeDrawingProps {
  readonly joint: JointView;
  readonly plan: JointPlan;
  readonly units: UnitPreferences;
}

/** What was seen of the fillet when it was looked at last. */
function seenOf(joint: JointView, isRoomy: boolean): string | null {
  const looked = inTurn(readChain(joint.entries)).findLast(({ kind }) => kind === 'looked-at');
  if (looked?.values['result'] !== 'pass') return null;
  const { findings, backSeen } = looked.values;
  if (Array.isArray(findings) && findings.length > 0) return null;
  if (!isRoomy) return WORDS.closedShort;
  return backSeen === true ? WORDS.closedBackSeen : WORDS.closed;
}

/** The joint in section as it was made: how deep, what was wrapped, what the eye saw, over a rule. */
export function MadeDrawing({ joint, plan, units }: MadeDrawingProps) {
  const depthMm = brazedValues(joint)?.depthMm ?? null;
  const planned = sectionOf(plan);
  const section = depthMm === null ? planned : { ...planned, male: { ...planned.male, inserted: depthMm } };
  const length = (mm: number) => formatLength(mm / 1000, units);
  const wraps = nearMarks(plan, units)
    .filter(({ wrap }) => wrap !== null)
    .map((mark) => ({ ...mark, reading: '' }));
  const places = wraps.flatMap(({ wrap, onFemale }) => (wrap && onFemale ? [wrap.to] : []));
  const depth = depthMm === null ? null : WORDS.madeDeep(length(depthMm).value, readingText(length(plan.fit.insertM * 1000)));
  return (
    <Measured>
      {(width) => {
        const frame = frameOf(section, width, 'made', places);
        return (
          <JointSection
            width={width}
            frame={frame}
            joint={section}
            detail="made"
            units={units}
            gas={null}
            near={wraps}
            made={depth === null ? null : { depth, seen: seenOf(joint, width > ROOMY) }}
            rule={<Rule place={frame} units={units} />}
            label={WORDS.asMade}
          />
        );
      }}
    </Measured>
  );
}
