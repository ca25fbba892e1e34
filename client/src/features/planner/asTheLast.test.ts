import { NEW_DRAFT, USUAL_PLACE, type Draft } from '@/draft/drafts';
import { asTheLast } from './asTheLast';

const VALVE = { kind: 'valve', distance: '35 mm', along: 'female', protection: 'putty' } as const;
const last: Draft = {
  ...NEW_DRAFT,
  side: 'liquid',
  minutes: '20',
  access: 'tight',
  place: { ...USUAL_PLACE, ambient: '4 °C', tipKw: '4', wind: 'breezy', rating: '45 bar', position: 'overhead' },
  near: [{ ...VALVE, protection: 'wet-cloth' }],
};

test('air, torch, gas, access and protection are as at the joint before; sizes, line and position are its own', () => {
  const own: Draft = { ...NEW_DRAFT, side: 'suction', near: [VALVE, { ...VALVE, kind: 'drier' }] };
  const taken = { ...own, ...asTheLast(own, last) };
  expect(taken).toMatchObject({ side: 'suction', minutes: '20', access: 'tight' });
  expect(taken.place).toMatchObject({ ambient: '4 °C', tipKw: '4', wind: 'breezy', rating: '', position: '' });
  expect(taken.near.map(({ protection }) => protection)).toEqual(['wet-cloth', 'putty']);
});
