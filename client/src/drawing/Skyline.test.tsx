import type { UnitKind } from '@kesto/contract';
import { render, screen } from '@testing-library/react-native';
import { letters, marks } from '@/testing/drawn';
import { dayWith, summary } from '@/testing/jobs';
import { EmptyGround, Skyline } from './Skyline';

const [JOB] = dayWith().jobs;
const machine = (tag: string, kind: UnitKind) => ({ id: tag, tag, name: tag, kind });

test('every machine stands there with its tag, and says so to whoever does not see it', () => {
  const kinds = ['cold-room', 'heat-pump', 'rooftop-unit', 'chamber', 'split'] as const;
  render(<Skyline today={dayWith({ jobs: [], units: kinds.map((kind, i) => machine(`M${i}`, kind as UnitKind)) })} />);
  expect(letters()).toEqual(['M0', 'M1', 'M2', 'M3', 'M4']);
  expect(screen.getByLabelText('station: M0, M1, M2, M3, M4')).toBeTruthy();
});

test('where a job is open its number stands on a staff; where a joint was sent back it is marked', () => {
  const staff = () => marks().find(({ type, props }) => type === 'RNSVGCircle' && Number(props['r']) === 13);
  render(<Skyline today={dayWith()} />);
  expect(letters()).toContain(String(JOB!.number));
  const before = JSON.stringify(staff()?.props['stroke']);
  render(
    <Skyline
      today={dayWith({ sentBack: [{ joint: summary('CR2-14', 'sent-back'), jobId: 'job', by: 'Maren Ito-Dahl', why: 'fillet open' }] })}
    />,
  );
  expect(JSON.stringify(staff()?.props['stroke'])).not.toEqual(before);
});

test('before the first machine there is ground for it', () => {
  render(<EmptyGround />);
  expect(screen.getByLabelText('no machine yet')).toBeTruthy();
});
