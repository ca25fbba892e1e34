import { cylinderContentM3, cylinderPressurePa, nitrogenZAt20C } from './nitrogen';
import { amountPaPerK, nitrogenViscosityPaS, nitrogenZ, pressureOfAmountPa } from './realGas';

const ATMOSPHERE = 101_325;

describe('nitrogen as a test gas', () => {
  // Reference equation of state: what a closed hold shows above p / T alone.
  test.each([
    ['3.0 MPa from 15 to 30 °C', 3e6, 15, 30, 11.7],
    ['4.2 MPa from 10 to 35 °C', 4.2e6, 10, 35, 40],
  ])('%s', (_what, pascals, from, to, above) => {
    const byAmount = pressureOfAmountPa(amountPaPerK(pascals, from), to);
    expect((byAmount - (pascals * (to + 273.15)) / (from + 273.15)) / 1000).toBeCloseTo(above, above > 30 ? 0 : 1);
  });

  test('Z falls below one in the cold and under pressure, and is one without pressure', () => {
    expect(nitrogenZ(0, 20)).toBe(1);
    expect(nitrogenZ(1e6, 20)).toBeCloseTo(0.9978, 4);
    expect(nitrogenZ(4.6e6, 20)).toBeCloseTo(0.994, 3);
    expect(nitrogenZ(4e6, -18)).toBeCloseTo(0.97699, 3);
    // The equation of state itself, far above what a plate asks.
    expect(nitrogenZ(10e6, -10)).toBeCloseTo(0.97472, 3);
    expect(nitrogenZ(10e6, 50)).toBeCloseTo(1.01722, 3);
  });

  test('the amount is p / (Z T), and a pressure is read back from it', () => {
    expect(amountPaPerK(1e6, 20)).toBeCloseTo(1e6 / (0.99782 * 293.15), 0);
    expect(pressureOfAmountPa(amountPaPerK(4e6, -10), -10)).toBeCloseTo(4e6, 3);
  });

  test('viscosity: 17.6 µPa s at 20 °C, 0.045 more a kelvin, 2 % more at 2 MPa', () => {
    expect(nitrogenViscosityPaS(0, 20) * 1e6).toBeCloseTo(17.6, 9);
    expect(nitrogenViscosityPaS(0, 40) * 1e6).toBeCloseTo(18.5, 9);
    expect(nitrogenViscosityPaS(2e6, 20) * 1e6).toBeCloseTo(17.952, 9);
  });
});

describe('a cylinder', () => {
  test('of 10 L at 15 MPa holds 1.45 m3, at 1 MPa a tenth of a cubic metre', () => {
    // 10 L x 148.04 / 1.021; 10 L x 9.869 / 0.998.
    expect(cylinderContentM3(0.01, 15e6, ATMOSPHERE)).toBeCloseTo(1.45, 3);
    expect(cylinderContentM3(0.01, 1e6, ATMOSPHERE)).toBeCloseTo(0.0989, 4);
    expect([nitrogenZAt20C(0), nitrogenZAt20C(20e6), nitrogenZAt20C(60e6)]).toEqual([1, 1.052, 1.14]);
  });

  test('is read back from what it holds', () => {
    for (const pascals of [0.2e6, 5e6, 20e6, 30e6]) {
      expect(cylinderPressurePa(0.01, cylinderContentM3(0.01, pascals, ATMOSPHERE), ATMOSPHERE)).toBeCloseTo(pascals, 0);
    }
  });
});
