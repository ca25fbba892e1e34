import { airEnthalpy, airHeatW, waterHeatW } from './heatCheck';

const q = (value: number, unit: string) => ({ value, unit });

test('30 L/min of water warmed by 5 K carry 10.5 kW, of a fifth glycol 4 % less', () => {
  const water = { flow: q(30, 'L/min'), in: q(7, 'C'), out: q(12, 'C') };
  expect(waterHeatW(water)).toEqual({ ok: true, value: expect.closeTo(10_475, 0) });
  expect(waterHeatW({ ...water, glycol: 0.2 })).toEqual({ ok: true, value: expect.closeTo(10_056, 0) });
});

test('air of 25 °C, 18 °C wet holds 50.8 kJ/kg by the psychrometric chart', () => {
  expect(airEnthalpy(25, 18, 101_325) / 1000).toBeCloseTo(50.8, 0);
});

test('half a cubic metre a second cooled from 25/18 to 12/11 carries 11 kW; higher up thinner air with more water in it a little less', () => {
  const air = { flow: q(1800, 'm3/h'), in: { dry: q(25, 'C'), wet: q(18, 'C') }, out: { dry: q(12, 'C'), wet: q(11, 'C') } };
  const sea = airHeatW(air);
  const high = airHeatW({ ...air, altitude: q(1500, 'm') });
  if (!sea.ok || !high.ok) throw new Error('both are answered');
  // Chart: 50.8 and 31.6 kJ/kg; 0.5 m3/s x 1.18 kg/m3.
  expect(sea.value / 1000).toBeCloseTo(11.3, 0);
  // At 1 500 m the air is 0.835 as dense, and the same bulbs stand for 1.13 of the heat in a kilogram.
  expect(high.value / sea.value).toBeCloseTo(0.835 * 1.13, 1);
});

test('a wet bulb above the dry one is refused by its field', () => {
  const air = { flow: q(1, 'm3/h'), in: { dry: q(20, 'C'), wet: q(24, 'C') }, out: { dry: q(12, 'C'), wet: q(11, 'C') } };
  expect(airHeatW(air)).toMatchObject({ ok: false, errors: [{ field: 'in.wet' }] });
});
