import type { JointView } from '@kesto/contract/api';
import { coldFlawText, FINDING_WORDS, inspectText, LOOK_BAR_WORDS, showIn } from '@kesto/contract/wording';
import { flawOnRing, formatLength, LOOK_FINDINGS, readingText } from '@kesto/core';
import { StyleSheet, View } from 'react-native';
import { jointCells } from '@/data/joints/cells';
import { PhotoStrip } from '@/features/photos';
import { useUnits } from '@/session/units';
import { FormText } from '@/forms/FormFields';
import { Choice } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { FlagLine } from '@/ui/Flag';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { useIsWide } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { Criteria } from './Criteria';
import { RingPart } from './RingPart';
import { useLook, type Look, type LookWork } from './useLook';
import { WORDS } from './words';

/** Looked at all round: the ring end on, what can be there as small sections; what cannot pass bars it. */
export function LookScreen({ joint }: { joint: JointView }) {
  const wide = useIsWide();
  const look = useLook(joint);
  const { cold } = look;
  const said = <Said joint={joint} look={look} />;
  return (
    <Sheet
      tag={joint.tag}
      title={WORDS.title}
      subtitle={cold ? WORDS.coldSubtitle : WORDS.subtitle}
      up={{ label: WORDS.joint, href: `/joints/${joint.id}` }}
      cells={jointCells(joint)}
      action={look.action}
      aside={wide ? said : undefined}
    >
      {look.problem ? <Failed message={look.problem} /> : null}
      {cold ? null : <RingPart joint={joint} look={look} />}
      <Points look={look} />
      {cold && cold.flaws.length > 0 ? <FlagLine stop letter="!" text={coldFlawText(cold.flaws)} /> : null}
      <Words size={15}>
        <Words size={17} bold>
          {WORDS.what}
        </Words>
        {` · ${WORDS.cut}`}
      </Words>
      <Criteria isCold={cold !== null} findings={look.findings} onToggle={look.toggle} />
      {wide ? null : said}
    </Sheet>
  );
}

/** What this joint is to be looked at for. */
function Points({ look }: { look: LookWork }) {
  const units = useUnits();
  return (
    <View style={styles.points}>
      {look.points.map((point) => (
        <Words key={point.code} size={15}>
          {inspectText(point, showIn(units))}
        </Words>
      ))}
    </View>
  );
}

/** What follows from what was seen, and what is said of it. */
function Said({ joint, look }: { joint: JointView; look: LookWork }) {
  const wide = useIsWide();
  return (
    <View style={styles.said}>
      {wide ? <Heading size={17}>{WORDS.result}</Heading> : null}
      <CannotPass joint={joint} look={look} />
      {look.cold ? null : <CheckRow label={WORDS.backSeen} checked={look.backSeen} onChange={look.setBackSeen} />}
      {look.bars.map((bar) => (
        <Words key={bar} tone="amber">
          {LOOK_BAR_WORDS[bar]}
        </Words>
      ))}
      <Choice label={WORDS.result} value={look.result} onChange={look.setResult} options={look.results} />
      <FormText<Look> control={look.control} name="note" label={WORDS.note} multiline />
      <PhotoStrip photos={look.photos} marks={look.cold ? undefined : { all: look.marks, onMark: look.markPhoto }} />
    </View>
  );
}

function CannotPass({ joint, look: { limit, findings, flaw } }: { joint: JointView; look: LookWork }) {
  const units = useUnits();
  if (limit === 'pass') return null;
  const outsideM = joint.plan?.plan.joint.male.outsideM;
  const size = flaw && outsideM !== undefined ? flawOnRing(flaw, outsideM) : null;
  const what = findings.filter((f) => LOOK_FINDINGS[f] === limit).map((f) => FINDING_WORDS[f]);
  const length = (m: number) => formatLength(m, units, 0);
  return (
    <Words tone={limit === 'cut-out' ? 'red' : 'amber'} role="alert">
      <Words bold tone={limit === 'cut-out' ? 'red' : 'amber'}>
        {WORDS.cannotPass(what.join(', '))}
      </Words>
      {size ? ` ${WORDS.share(length(size.lengthM).value, readingText(length(size.roundM)))}` : ''}
      {` ${limit === 'rework' ? WORDS.reworkOnce : WORDS.cutOut}`}
    </Words>
  );
}

const styles = StyleSheet.create({ points: { gap: 3 }, said: { gap: 10 } });
