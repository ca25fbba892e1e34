import fc from 'fast-check';
import { gridPlaces } from './grid';
import type { TubeModel } from './tubeModel';
import { TubeSimulation } from './tubeSimulation';

const wall = 0.00114;
const od = 0.0222;
const base: TubeModel = {
  conductivity: 340,
  heatCapacity: 420,
  densityKgPerM3: 8940,
  areaM2: Math.PI * (od - wall) * wall,
  perimeterM: Math.PI * od,
  airH: 10,
  emissivity: 0.6,
  ambientC: 20,
  lengthM: 1.2,
  endTemperatureC: (t) => (t <= 60 ? 720 : null),
  endCapacityJPerK: 30,
  wet: null,
  lumps: [],
  gridM: 0.004,
  stepS: 0.5,
};

function peakAt(model: TubeModel, atM: number): number {
  const simulation = new TubeSimulation(model);
  let peak = 0;
  while (simulation.seconds < 300) {
    simulation.step();
    peak = Math.max(peak, simulation.temperatureAt(atM));
  }
  return peak;
}

test('places begin at the joint, never step back, are even as far as is asked and reach the end', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.05, max: 0.6, noNaN: true }), fc.double({ min: 0.7, max: 3, noNaN: true }), (fineToM, lengthM) => {
      const places = gridPlaces({ gridM: 0.004, lengthM, fineToM });
      expect(places[0]).toBe(0);
      expect(places.at(-1)).toBeGreaterThan(lengthM - 1e-9);
      expect(places.at(-1)).toBeLessThan(lengthM + 0.004 + 1e-9);
      const pieces = places.slice(1).map((x, i) => x - (places[i] ?? NaN));
      pieces.forEach((piece, i) => {
        expect(piece).toBeGreaterThan(0.6 * 0.004);
        if ((places[i + 1] ?? 0) <= fineToM) expect(piece).toBeCloseTo(0.004, 9);
      });
      return true;
    }),
  );
});

test('widening beyond what is asked saves most of the points and moves no peak by half a kelvin', () => {
  const even = gridPlaces(base).length;
  const widening = gridPlaces({ ...base, fineToM: 0.14 }).length;
  expect(widening).toBeLessThan(even / 3);
  for (const atM of [0.03, 0.06, 0.1]) {
    expect(Math.abs(peakAt({ ...base, fineToM: 0.14 }, atM) - peakAt(base, atM))).toBeLessThan(0.5);
  }
});

test('with water on the way the widening grid gives the same peak behind it', () => {
  const wet = { fromM: 0.04, toM: 0.08, waterKg: 0.05, store: 'cells' } as const;
  expect(Math.abs(peakAt({ ...base, wet, fineToM: 0.14 }, 0.1) - peakAt({ ...base, wet }, 0.1))).toBeLessThan(0.5);
});

test('energy closes on a widening grid too', () => {
  const simulation = new TubeSimulation({ ...base, fineToM: 0.1 });
  while (simulation.seconds < 200) simulation.step();
  const { inJ, storedJ, lostJ, absorbedJ } = simulation.energy;
  // The joint's own heat is put in by holding it at 720 degrees; what it keeps is stored with the rest.
  expect(Math.abs(inJ - storedJ - lostJ - absorbedJ) / inJ).toBeLessThan(0.01);
});

test('energy closes with a body on the tube: what it stores counts', () => {
  const valve = { atM: 0.03, capacityJPerK: 0.5 * 380, conductanceWPerK: 0.5 };
  const simulation = new TubeSimulation({ ...base, lumps: [valve] });
  while (simulation.seconds < 200) simulation.step();
  const { inJ, storedJ, lostJ, absorbedJ } = simulation.energy;
  const kept = valve.capacityJPerK * (simulation.temperatureOfBody(0) - 20);
  expect(kept / inJ).toBeGreaterThan(0.1);
  expect(Math.abs(inJ - storedJ - lostJ - absorbedJ) / inJ).toBeLessThan(0.01);
});

test('between two points of the far tube the temperature is read on the straight line between them', () => {
  const simulation = new TubeSimulation({ ...base, fineToM: 0.1, endTemperatureC: () => 720 });
  while (simulation.seconds < 1800) simulation.step();
  const places = gridPlaces({ ...base, fineToM: 0.1 });
  const [a, b] = [places.at(-6) ?? 0, places.at(-5) ?? 0];
  const middle = (simulation.temperatureAt(a) + simulation.temperatureAt(b)) / 2;
  expect(simulation.temperatureAt(a) - simulation.temperatureAt(b)).toBeGreaterThan(1);
  expect(simulation.temperatureAt((a + b) / 2)).toBeCloseTo(middle, 9);
  expect(simulation.temperatureAt(99)).toBe(simulation.temperatureAt(places.at(-1) ?? 0));
});
