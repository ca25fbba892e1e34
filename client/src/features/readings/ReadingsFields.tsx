import { GUESSED_LINES } from '@kesto/core';
import { METERING, RUN_MODES, SUCTION_AT, type Metering, type RunMode, type SuctionAt } from '@kesto/core/refrigerant';
import { FigureFields } from '@/forms/FigureFields';
import { Choice } from '@/ui/Buttons';
import { CheckRow } from '@/ui/CheckRow';
import { Failed } from '@/ui/states';
import { Words } from '@/ui/Words';
import type { ReadingsWork } from './useReadings';
import { WORDS } from './words';

const MODE_WORDS: Readonly<Record<RunMode, string>> = { cooling: 'it cools', heating: 'it heats' };
const METERING_WORDS: Readonly<Record<Metering, string>> = { valve: 'a valve', fixed: 'a fixed orifice', capillary: 'a capillary' };
const AT_WORDS: Readonly<Record<SuctionAt, string>> = { evaporator: 'at the evaporator', compressor: 'at the compressor' };

/** Gauges and thermometers of the running machine: which way it runs, what was felt, where the suction line was read. */
export function ReadingsFields({ work }: { work: ReadingsWork }) {
  const { figures, mode, setMode, at, setAt, guessed, setGuessed, problem, isReversible, metering, setMetering, shown } = work;
  return (
    <>
      {isReversible ? (
        <Choice
          label={WORDS.howItRuns}
          value={mode}
          onChange={setMode}
          options={RUN_MODES.map((value) => ({ value, label: MODE_WORDS[value] }))}
        />
      ) : null}
      <Words size={15}>{WORDS.whatLetsThePressureDown}</Words>
      <Choice
        label={WORDS.whatLetsThePressureDown}
        value={metering}
        onChange={setMetering}
        options={METERING.map((value) => ({ value, label: METERING_WORDS[value] }))}
      />
      <FigureFields figures={figures} of={shown} />
      {GUESSED_LINES.map((line) => (
        <CheckRow
          key={line}
          label={WORDS.theLineWasFelt(line)}
          checked={guessed.includes(line)}
          onChange={(felt) => setGuessed(felt ? [...guessed, line] : guessed.filter((other) => other !== line))}
        />
      ))}
      <Words size={15}>{WORDS.theSuctionLineWasRead}</Words>
      <Choice
        label={WORDS.theSuctionLineWasRead}
        value={at}
        onChange={setAt}
        options={SUCTION_AT.map((value) => ({ value, label: AT_WORDS[value] }))}
      />
      {problem ? <Failed message={problem} /> : null}
    </>
  );
}
