import type { UnitView } from '@kesto/contract';
import { INCH_PREFERENCES, METRIC_PREFERENCES, readPlate } from '@kesto/core';
import { CIRCUIT, SITE } from '@/testing/joints';
import { formOfUnit, newCircuit, newUnitForm, NEW_SITE, readUnit, type CircuitForm, type UnitForm } from './unitForm';

const plate = (rest: Partial<CircuitForm> = {}): CircuitForm => ({
  ...newCircuit('main'),
  refrigerant: 'r32',
  highSide: '41',
  lowSide: '360 psig',
  coldest: '-10',
  ...rest,
});
const filled = (rest: Partial<UnitForm> = {}): UnitForm => ({
  ...newUnitForm('site'),
  siteId: '0193a000-0000-7000-8000-000000000002',
  tag: ' cr2 ',
  name: 'vault cold room',
  kind: 'cold-room',
  circuits: [plate()],
  ...rest,
});
const BAR = { ...METRIC_PREFERENCES, pressure: 'bar' } as const;
const problems = (form: UnitForm, units = BAR) => readUnit(form, units).problems;

test('a plate is read as it is typed: bare figures in the person’s unit, tags in capitals', () => {
  const { read } = readUnit(filled({ circuits: [plate({ lineOd: '5/8', lineLength: '9' })] }), BAR);
  expect(read?.site).toBeNull();
  expect(read?.body).toMatchObject({
    tag: 'CR2',
    circuits: [
      {
        highSide: { value: 41, unit: 'barg' },
        lowSide: { value: 360, unit: 'psig' },
        coldest: { value: -10, unit: 'C' },
        swept: [{ od: { value: 0.625, unit: 'in' }, length: { value: 9, unit: 'm' } }],
      },
    ],
  });
});

test('the first unit brings its site along, under an id of its own', () => {
  const form = filled({ siteId: NEW_SITE, siteName: 'Orangery', altitude: '800 ft' });
  const { read } = readUnit(form, BAR);
  expect(read?.site).toEqual({ id: form.newSiteId, body: { name: 'Orangery', altitude: { value: 800, unit: 'ft' } } });
  expect(read?.body.siteId).toBe(form.newSiteId);
});

test.each<[string, UnitForm, readonly string[]]>([
  [
    'an empty form',
    newUnitForm(NEW_SITE),
    ['circuits.0.coldest', 'circuits.0.highSide', 'circuits.0.lowSide', 'circuits.0.refrigerant', 'kind', 'name', 'siteName', 'tag'],
  ],
  ['letters for a pressure', filled({ circuits: [plate({ highSide: 'high' })] }), ['circuits.0.highSide']],
  ['sides swapped', filled({ circuits: [plate({ lowSide: '60 bar' })] }), ['circuits.0.lowSide']],
  ['a refrigerant nobody knows', filled({ circuits: [plate({ refrigerant: 'R-999' })] }), ['circuits.0.safetyClass']],
  ['a line without its length', filled({ circuits: [plate({ lineOd: '5/8' })] }), ['circuits.0.lineLength']],
  ['a tube of no table', filled({ circuits: [plate({ lineOd: '23.7 mm', lineLength: '3' })] }), ['circuits.0.lineOd']],
  ['a tag with a dash', filled({ tag: 'CR-2' }), ['tag']],
])('%s: each field that is wrong is named', (_what, form, fields) => {
  expect(Object.keys(problems(form)).sort()).toEqual(fields);
});

test.each([METRIC_PREFERENCES, INCH_PREFERENCES])('a plate that is opened and kept untouched is the same plate', (units) => {
  const unit: UnitView = {
    id: '0193a000-0000-7000-8000-000000000021',
    tag: 'CR2',
    name: 'vault cold room',
    kind: 'cold-room',
    sisters: [],
    model: 'VR 12',
    warrantyUntil: '2026-05-02',
    site: { ...SITE, id: '0193a000-0000-7000-8000-000000000002' },
    circuits: [{ ...CIRCUIT, chargeKg: 11.4, oil: 'POE 32', id: '0193a000-0000-7000-8000-000000000031' }],
  };
  const { read } = readUnit(formOfUnit(unit, units), units);
  const again = readPlate(read!.body.circuits[0]!);
  if (!again.ok) throw new Error(JSON.stringify(again.errors));
  expect(again.value.highSideDesignGaugePa).toBeCloseTo(CIRCUIT.highSideDesignGaugePa, -1);
  expect(again.value.coldestC).toBeCloseTo(CIRCUIT.coldestC, 6);
  expect(again.value.purgeSections).toEqual(CIRCUIT.purgeSections);
});

describe('the maker’s table of the water side', () => {
  const rows = (...lines: readonly (readonly [string, string])[]) =>
    filled({ circuits: [plate({ lowSide: '25', coldest: '-10' })], waterTable: lines.map(([drop, flow]) => ({ drop, flow })) });

  test('is read in the person’s units, an empty line left out', () => {
    const { read } = readUnit(rows(['10', '20'], ['40 kPa', '0.7 L/s'], ['', '']), BAR);
    expect(read?.body.waterTable).toEqual([
      { drop: { value: 10, unit: 'kPa' }, flow: { value: 20, unit: 'L/min' } },
      { drop: { value: 40, unit: 'kPa' }, flow: { value: 0.7, unit: 'L/s' } },
    ]);
  });

  test('half a line, and a table that does not rise, are told where they stand', () => {
    expect(problems(rows(['10', '20'], ['40', '']))).toMatchObject({ 'waterTable.1.flow': 'is needed' });
    expect(problems(rows(['10', '20'], ['40', '15']))['waterTable.0.drop']).toMatch(/more flow at more drop/);
  });

  test('comes back as it was typed when the plate is put right', () => {
    const { read } = readUnit(rows(['10', '20'], ['40', '40']), BAR);
    const unit = { id: 'u', tag: 'CR2', name: 'x', kind: 'chiller', sisters: [], site: SITE, circuits: [CIRCUIT] } as unknown as UnitView; // cast: what is read of it
    expect(formOfUnit({ ...unit, waterTable: read?.body.waterTable ?? [] }, BAR).waterTable).toEqual([
      { drop: '10 kPa', flow: '20 L/min' },
      { drop: '40 kPa', flow: '40 L/min' },
    ]);
  });
});
