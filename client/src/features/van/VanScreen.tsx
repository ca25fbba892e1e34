import type { VanStock } from '@kesto/contract';
import { findFiller, rodLength, ROD_NAMES, sticksLengthM, type RodName } from '@kesto/core';
import { formatDistance, formatGrams, formatNumber, readingText } from '@kesto/core/unit';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Fetched } from '@/api/Fetched';
import { useMayMake } from '@/session/useMayMake';
import { useUnits } from '@/session/units';
import { arrange } from '@/ui/arrange';
import { Choice, FrameKey } from '@/ui/Buttons';
import { Sheet } from '@/ui/Sheet';
import { Empty, Failed } from '@/ui/states';
import { useIsWide, useTokens } from '@/ui/theme';
import { TextField } from '@/ui/UnitField';
import { Heading, Mono, Words } from '@/ui/Words';
import { useVanStock, useVanUseQuery } from '@/data/van/api';
import { Flux, Wraps } from './FluxAndWraps';
import { Gases } from './Gases';
import { Instruments } from './Instruments';
import { Recovery } from './Recovery';
import { RodSection } from './RodSection';
import { TorchAndGas } from './TorchAndGas';
import { useVan } from './useVan';
import { WORDS } from './words';

/** What is on the van: rods to scale, the torch, the nitrogen. The planner chooses from it. */
export function VanScreen() {
  return (
    <Fetched<VanStock> query={useVanStock()} what={WORDS.theVan}>
      {(van) => <Ready stored={van} />}
    </Fetched>
  );
}

type Van = ReturnType<typeof useVan>;

const ROD_WORDS: Readonly<Record<RodName, string>> = {
  'round-1/16': 'round 1/16 in',
  'round-3/32': 'round 3/32 in',
  'round-1/8': 'round 1/8 in',
  'flat-0.050x1/8': 'flat 0.050 x 1/8 in',
};

function Ready({ stored }: { stored: VanStock }) {
  const wide = useIsWide();
  const { data: use } = useVanUseQuery();
  const van = useVan(stored, use);
  const mayCount = useMayMake();
  const rest = (
    <View style={styles.page}>
      <TorchAndGas van={van} mayCount={mayCount} />
      <Gases van={van} mayCount={mayCount} />
      <Recovery van={van} mayCount={mayCount} />
      <Instruments van={van} mayCount={mayCount} />
    </View>
  );
  return (
    <Sheet
      tag="van"
      title={WORDS.whatIsOnThe}
      subtitle={WORDS.thePlannerChoosesFrom}
      up={{ label: WORDS.today, href: '/' }}
      cells={{ here: 'van' }}
      action={
        mayCount
          ? {
              label: van.busy ? WORDS.keeping : van.touched ? WORDS.keepThisCount : WORDS.saved,
              onPress: () => void van.keep(),
              disabled: !van.canKeep,
            }
          : undefined
      }
      aside={wide ? rest : undefined}
    >
      {van.problem ? <Failed message={van.problem} /> : null}
      <Heading size={20}>{WORDS.rods}</Heading>
      {van.draft.fillers.length === 0 ? <Empty title={WORDS.noRodOnThe} text={WORDS.putOnWhatIs} /> : null}
      {van.draft.fillers.map((row) => (
        <RodRow key={row.designation} row={row} van={van} mayCount={mayCount} />
      ))}
      {mayCount ? <AddRod van={van} /> : null}
      <Flux van={van} mayCount={mayCount} />
      <Wraps van={van} mayCount={mayCount} />
      {wide ? null : rest}
    </Sheet>
  );
}

function RodRow({ row, van, mayCount }: { row: VanStock['fillers'][number]; van: Van; mayCount: boolean }) {
  const t = useTokens();
  const [open, setOpen] = useState(false);
  const filler = findFiller(row.designation);
  const word = typeof row.rod === 'string' ? ROD_WORDS[row.rod] : 'rod of its own size';
  return (
    <View style={{ borderBottomWidth: 1, borderColor: t.rule, paddingVertical: 8, gap: 8 }}>
      <View style={styles.rod}>
        <RodSection rod={row.rod} family={filler?.family ?? 'silver'} />
        <View style={styles.name}>
          <Mono size={20}>{row.designation}</Mono>
          <Words size={15} tone="ink2">
            {word}
            {row.lot ? `, lot ${row.lot}` : ''}
            {filler ? `, ${filler.silverPercent > 0 ? `${filler.silverPercent} % silver` : 'no silver'}` : ''}
            {filler ? `, ${weightOf(filler, row)}` : ''}
          </Words>
          <Used row={row} van={van} mayCount={mayCount} />
          {filler?.holdsCadmium ? (
            <Words size={15} bold tone="red">
              {WORDS.containsCadmium}
            </Words>
          ) : null}
        </View>
        <View role="group" aria-label={WORDS.sticksOf(row.designation)} style={styles.counts}>
          {mayCount ? (
            <FrameKey label="−" says={WORDS.oneStickOfLess(row.designation)} onPress={() => van.count(row.designation, -1)} />
          ) : null}
          <Mono size={28} style={styles.count}>
            {String(row.count)}
          </Mono>
          {mayCount ? (
            <FrameKey label="+" says={WORDS.oneStickOfMore(row.designation)} onPress={() => van.count(row.designation, 1)} />
          ) : null}
          {mayCount ? (
            <FrameKey label={open ? WORDS.close : WORDS.rod} says={WORDS.rodOf(row.designation)} onPress={() => setOpen(!open)} />
          ) : null}
        </View>
      </View>
      {open ? (
        <View style={arrange.stack8}>
          <Choice
            label={WORDS.rodOf(row.designation)}
            value={typeof row.rod === 'string' ? row.rod : null}
            options={ROD_NAMES.map((value) => ({ value, label: ROD_WORDS[value] }))}
            onChange={(rod) => van.setRod(row.designation, rod)}
          />
          <TextField label={WORDS.lotOf(row.designation)} value={row.lot ?? ''} onChange={(lot) => van.setLot(row.designation, lot)} />
          <FrameKey label={WORDS.takeOffTheVanOf(row.designation)} onPress={() => van.takeOff(row.designation)} />
        </View>
      ) : null}
    </View>
  );
}

/** What the sticks of a row weigh together. */
const weightOf = (filler: NonNullable<ReturnType<typeof findFiller>>, { rod, count }: VanStock['fillers'][number]) =>
  readingText(formatGrams(rodLength(filler, rod, sticksLengthM(rod, count)).massKg * 1000));

/** What joints took since the count, and the way to take it off. */
function Used({ row, van, mayCount }: { row: VanStock['fillers'][number]; van: Van; mayCount: boolean }) {
  const units = useUnits();
  const used = van.usedOf(row);
  const [taken, setTaken] = useState(false);
  if (!used) return null;
  const whole = Math.min(row.count, Math.round(used.sticks));
  return (
    <View style={arrange.stack4AtStart}>
      <Words size={15}>
        {`joints took ${readingText(formatDistance(used.lengthM, units))} ${used.everCounted ? 'since it was counted' : 'so far, and it was never counted'}, ${formatNumber(used.sticks, 1)} sticks`}
      </Words>
      {mayCount && whole > 0 && !taken ? (
        <FrameKey
          label={whole === 1 ? WORDS.take1StickOff : WORDS.takeSticksOff(whole)}
          says={WORDS.takeWhatWasUsed(row.designation)}
          onPress={() => {
            van.count(row.designation, -whole);
            setTaken(true);
          }}
        />
      ) : null}
    </View>
  );
}

function AddRod({ van }: { van: Van }) {
  const [open, setOpen] = useState(false);
  return (
    <View style={arrange.stack8}>
      <View style={arrange.atStart}>
        <FrameKey label={open ? WORDS.closeTheList : WORDS.anotherRod} onPress={() => setOpen(!open)} />
      </View>
      {open ? (
        <View role="group" aria-label={WORDS.putOnTheVan} style={arrange.wrap6}>
          {van.others.map((filler) => (
            <FrameKey key={filler.designation} label={`+ ${filler.designation}`} onPress={() => van.add(filler.designation)} />
          ))}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  page: { gap: 20 },
  rod: { flexDirection: 'row', gap: 12, alignItems: 'center', flexWrap: 'wrap' },
  name: { flexGrow: 1, flexBasis: 150 },
  counts: { flexDirection: 'row', gap: 8, alignItems: 'center' },
  count: { minWidth: 44, textAlign: 'center' },
});
