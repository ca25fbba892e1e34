import { ask, joint, path12, plan, q, refusal } from './testing/ask';

describe('what the contract refuses is refused with its full name, and the range in the unit that was sent', () => {
  const service = (rest: object) => plan({ service: { designPressure: q(19, 'barg'), ...rest } });
  const near = (rest: object) => plan({ near: [{ kind: 'valve', distance: q(60, 'mm'), ...rest }] });
  const reach = (rest: object) => ({
    tube: { metal: 'copper', od: q(0.875, 'in'), wall: q(0.045, 'in') },
    ambient: q(20, 'C'),
    jointTemperature: q(720, 'C'),
    seconds: 60,
    at: [q(50, 'mm')],
    ...rest,
  });
  const fixed = {
    refrigerant: 'R-410A',
    metering: 'fixed',
    suction: { pressure: q(340, 'psig'), line: q(60, 'F') },
    liquid: { pressure: q(100, 'psig'), line: q(103, 'F') },
  };
  const twice = {
    stock: [
      { designation: 'BAg-36', rod: 'round-1/16' },
      { designation: 'BAg-36', rod: 'round-1/8' },
    ],
  };

  test.each<[string, string, object, string, RegExp]>([
    ['coldest above hottest', 'plan', service({ minTemp: q(40, 'C'), maxTemp: q(20, 'C') }), 'service.minTemp', /maxTemp/],
    [
      'new with an old filler',
      'plan',
      plan({ joint: joint({ history: { state: 'new', filler: 'BCuP-2' } }) }),
      'joint.female.history.filler',
      /no old filler/,
    ],
    [
      'new with something removed',
      'plan',
      plan({ joint: joint({ history: { state: 'new', removed: 'cut-off' } }) }),
      'joint.female.history.removed',
      /nothing to remove/,
    ],
    ['a bare bar on a plate', 'plan', service({ designPressure: q(19, 'bar') }), 'service.designPressure', /barg or bara/],
    ['a bare kPa of a test', 'plan', plan({ purge: { ...path12, testPressure: q(2800, 'kPa') } }), 'purge.testPressure', /kPag/],
    ['a difference for a pressure', 'plan', service({ rating: q(400, 'psi') }), 'service.rating', /psig/],
    ['taking off what stays', 'plan', near({ kind: 'drier', protection: 'removed' }), 'near[0].protection', /stays on the line/],
    ['a limit colder than the air', 'plan', { ...near({ limit: q(50, 'F') }), ambient: q(86, 'F') }, 'near[0].limit', /ambient/],
    ['one filler in two rods', 'plan', plan(twice), 'stock[1].designation', /choose \{designation, rod\}/],
    [
      'a choice that is not in the stock',
      'plan',
      plan({ ...twice, stock: [{ designation: 'BAg-36' }], choose: 'BAg-24' }),
      'choose',
      /not in the stock/,
    ],
    ['a flood slower than its trickle', 'plan', plan({ purge: { ...path12, flood: q(0.5, 'L/min') } }), 'purge.flood', /trickle/],
    [
      'a flood faster than 100 m/s',
      'plan',
      plan({ purge: { ...path12, sections: [{ bore: q(2, 'mm'), length: q(1, 'm') }], flood: q(60, 'L/min') } }),
      'purge.flood',
      /100 m\/s/,
    ],
    ['oxygen nobody calls swept', 'plan', plan({ purge: { ...path12, targetO2Percent: 5 } }), 'purge.targetO2Percent', /2 %/],
    [
      'a joint hotter than its metal',
      'reach',
      reach({ tube: { metal: 'brass', od: q(22, 'mm'), wall: q(1, 'mm') }, jointTemperature: q(950, 'C') }),
      'jointTemperature',
      /melt/,
    ],
    ['gauges swapped', 'readings', fixed, 'suction.pressure', /swapped/],
    ['a tube thicker than a house', 'plan', plan({ joint: joint({}, { od: q(90, 'in') }) }), 'joint.male.od', /\d in, got 90/],
    ['air hotter than an oven', 'plan', plan({ ambient: q(400, 'F') }), 'ambient', /\d F, got 400/],
    ['a mountain nobody climbs', 'plan', plan({ altitude: q(30000, 'ft') }), 'altitude', /\d ft, got 30000/],
    ['a rating past every pipe', 'plan', service({ rating: q(90000, 'psig') }), 'service.rating', /\d psig, got 90000/],
    ['a limit in the wrong kind of unit', 'plan', near({ limit: q(100, 'mm') }), 'near[0].limit', /allowed: C, F, K/],
  ])('%s', (_what, command, request, field, says) => {
    const error = refusal(ask(command, request));
    expect(error.field).toBe(field);
    expect(error.message).toMatch(says);
  });
});
