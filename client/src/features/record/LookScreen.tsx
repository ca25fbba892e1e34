import type { JointView } from '@kesto/contract/api';
import { LOOK_FINDINGS, LOOK_RESULTS, madeCold, readChain, type LookFinding, type LookResult } from '@kesto/core';
import { coldFlawText, FINDING_WORDS, inspectText, LOOK_BAR_WORDS, LOOK_RESULT_WORDS, showIn } from '@kesto/contract/wording';
import { View } from 'react-native';
import { jointCells } from '@/data/joints/cells';
import { useKeptForm } from '@/forms/keptForm';
import { useUnits } from '@/session/units';
import { Choice } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { ChoiceCard } from '@/ui/ChoiceCard';
import { FlagLine } from '@/ui/Flag';
import { Sheet } from '@/ui/Sheet';
import { Failed } from '@/ui/states';
import { TextField } from '@/ui/UnitField';
import { Heading, Words } from '@/ui/Words';
import { FindingDrawing } from './FindingDrawing';
import { PhotoStrip, usePhotos } from '@/features/photos';
import { useEntry } from './useEntry';
import { useLookBar } from './useLookBar';

const NAMES = Object.keys(LOOK_FINDINGS) as LookFinding[]; // cast: the keys of this very object
/** What can be seen on a joint that no flame made. */
const ON_COLD: readonly LookFinding[] = ['not-fully-home', 'crack'];
const rank = (result: LookResult) => LOOK_RESULTS.indexOf(result);

/** The best that may still be said once these were found. */
export function bestAllowed(findings: readonly LookFinding[]): LookResult {
  return findings.reduce<LookResult>((worst, f) => (rank(LOOK_FINDINGS[f]) > rank(worst) ? LOOK_FINDINGS[f] : worst), 'pass');
}

interface Look {
  readonly findings: readonly LookFinding[];
  readonly result: LookResult | null;
  readonly note: string;
  /** All round, with a mirror for the back. */
  readonly backSeen: boolean;
}

const UNSEEN: Look = { findings: [], result: null, note: '', backSeen: false };
/** Nothing here can be misread: what may be said is settled by what was found. */
const asItStands = (values: Look) => ({ values, errors: {} });

/** Looked at all round: what is seen decides what may be said. */
export function LookScreen({ joint }: { joint: JointView }) {
  const units = useUnits();
  // It outlives a reload until it is kept; another look begins anew.
  const { watch, setValue, forget } = useKeptForm<Look>(`look.${joint.id}.${joint.entries.length}`, UNSEEN, asItStands);
  const { findings, result, note, backSeen } = watch();
  const photos = usePhotos();
  const entry = useEntry(joint);
  const cold = madeCold(readChain(joint.entries), null);
  const limit = cold && cold.flaws.length > 0 ? 'cut-out' : bestAllowed(findings);
  const points = joint.plan?.plan.inspect ?? [];
  const barOf = useLookBar(joint, cold !== null || backSeen);
  const bars = [...new Set(LOOK_RESULTS.filter((value) => rank(value) >= rank(limit)).flatMap((value) => barOf(value) ?? []))];
  const toggle = (name: LookFinding) => {
    const next = findings.includes(name) ? findings.filter((f) => f !== name) : [...findings, name];
    setValue('findings', next);
    if (result && rank(result) < rank(bestAllowed(next))) setValue('result', null);
  };
  async function keep() {
    if (!result) return;
    const shas = photos.photos.map((p) => p.sha256);
    if (
      await entry.keep(
        { kind: 'looked-at', values: { result, findings, note: note.trim(), ...(cold ? {} : { backSeen }) }, photos: shas },
        '',
      )
    )
      forget();
  }
  return (
    <Sheet
      tag={joint.tag}
      title="Look all round"
      subtitle={cold ? 'all round, under good light' : 'mirror for the back, flux off first'}
      up={{ label: 'joint', href: `/joints/${joint.id}` }}
      cells={jointCells(joint)}
      action={{
        label: result ? `Keep: ${LOOK_RESULT_WORDS[result]}` : 'Say what it is',
        disabled: result === null || barOf(result) !== null || entry.busy,
        onPress: () => void keep(),
      }}
    >
      {entry.problem ? <Failed message={entry.problem} /> : null}
      <View style={{ gap: 3 }}>
        {points.map((point) => (
          <Words key={point.code} size={15}>
            {inspectText(point, showIn(units))}
          </Words>
        ))}
      </View>
      {cold && cold.flaws.length > 0 ? <FlagLine stop letter="!" text={coldFlawText(cold.flaws)} /> : null}
      <Heading size={17}>Is any of this there?</Heading>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {(cold ? ON_COLD : NAMES).map((name) => {
          const on = findings.includes(name);
          return (
            <ChoiceCard
              key={name}
              many
              chosen={on}
              says={`${FINDING_WORDS[name]}: ${LOOK_RESULT_WORDS[LOOK_FINDINGS[name]]}`}
              width={{ likes: 84, most: 170 }}
              onPress={() => toggle(name)}
            >
              <View>
                <FindingDrawing finding={name} />
                <Words size={14} bold={on}>
                  {FINDING_WORDS[name]}
                </Words>
                <Words size={14} tone={LOOK_FINDINGS[name] === 'cut-out' ? 'red' : 'amber'}>
                  {LOOK_RESULT_WORDS[LOOK_FINDINGS[name]]}
                </Words>
              </View>
            </ChoiceCard>
          );
        })}
      </View>
      {limit === 'pass' ? null : (
        <Words bold tone={limit === 'cut-out' ? 'red' : 'amber'} role="alert">
          {findings
            .filter((f) => LOOK_FINDINGS[f] === limit)
            .map((f) => FINDING_WORDS[f])
            .join(', ')}
          : this cannot pass. {limit === 'rework' ? 'Clean, reheat, add filler once; after that it is cut out.' : 'It is cut out.'}
        </Words>
      )}
      {cold ? null : (
        <CheckRow label="the back was seen too, with a mirror" checked={backSeen} onChange={(seen) => setValue('backSeen', seen)} />
      )}
      {bars.map((bar) => (
        <Words key={bar} tone="amber">
          {LOOK_BAR_WORDS[bar]}
        </Words>
      ))}
      <Choice
        label="result"
        value={result}
        onChange={(value) => setValue('result', value)}
        options={LOOK_RESULTS.map((value) => ({
          value,
          label: value === 'rework' ? 'rework once' : LOOK_RESULT_WORDS[value],
          disabled: rank(value) < rank(limit) || barOf(value) !== null,
        }))}
      />
      <TextField label="note" value={note} onChange={(text) => setValue('note', text)} multiline />
      <PhotoStrip photos={photos} />
    </Sheet>
  );
}
