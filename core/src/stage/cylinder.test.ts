import { cylinderFill, flareTorqueNm, leastServicePressure } from '.';

describe('by the table', () => {
  test('a 3/8 flare is tightened 33 to 42 N m; 7/8 is no flare', () => {
    expect(flareTorqueNm(0.375 * 0.0254)).toEqual({ least: 33, most: 42 });
    expect(flareTorqueNm(0.875 * 0.0254)).toBeNull();
  });
  test('a cylinder of 47.7 lb water takes 40.4 lb of R-410A at 80 %', () => {
    const pound = 0.45359237;
    expect((cylinderFill(47.7 * pound, 0, 'R-410A')?.mostKg ?? 0) / pound).toBeCloseTo(40.4, 0);
    // With 30 lb in it 10.4 lb may still go in.
    expect((cylinderFill(47.7 * pound, 30 * pound, 'R-410A')?.leftKg ?? 0) / pound).toBeCloseTo(10.4, 0);
    expect(cylinderFill(10, 12, 'R-999')).toBeNull();
  });

  test('what a cylinder is stamped for: R-410A stands at 33.4 barg at 55 °C, five quarters of 26.7', () => {
    expect(leastServicePressure('R-410A') ?? 0).toBeCloseTo(26.7e5, -5);
    // 14.9 barg at 55 °C by the tables: any cylinder for refrigerant will do, and none is asked for carbon dioxide by this rule.
    expect(leastServicePressure('R-134a') ?? 0).toBeCloseTo(11.1e5, -5);
    expect(leastServicePressure('R-744')).toBeNull();
    expect(leastServicePressure('R-999')).toBeNull();
  });
});
