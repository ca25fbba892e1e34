import type { JobSumValues, SumLine } from '@kesto/contract';
import { readingText, type UnitPreferences } from '@kesto/core';
import { parseField, type Answer, type Calculator, type CalculatorField, type Values } from './calculator';

/** What was typed, with the unit a bare number was read in: whoever reads it later may read in other units. */
function givenText(field: CalculatorField, typed: string, units: UnitPreferences): string {
  const read = parseField(field, typed, units);
  const bare = /^[\d.,\s/-]+$/.test(typed);
  return read.ok && bare ? `${typed.trim()} ${read.value.unit}`.trim() : typed.trim();
}

/** A sum as it stood on the bench, to be kept with a job. */
export function sumOf(
  calculator: Calculator,
  { values, answer, units }: { values: Values; answer: Answer; units: UnitPreferences },
): JobSumValues {
  const fields = calculator.fields.flatMap((field): readonly SumLine[] => {
    const typed = values[field.key] ?? '';
    return typed.trim() === '' ? [] : [{ label: field.label, text: givenText(field, typed, units) }];
  });
  const choices = calculator.choices.flatMap(({ key, label, options }): readonly SumLine[] => {
    const chosen = options.find((option) => option.value === values[key]);
    return chosen ? [{ label, text: chosen.label }] : [];
  });
  return {
    calculator: calculator.name,
    given: [...fields, ...choices],
    answers: answer.rows.map((row) => ({ label: row.label, text: readingText(row.reading) })),
  };
}
