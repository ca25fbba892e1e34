import { fireEvent, screen } from '@testing-library/react-native';
import { press, showScreen, went } from '@/testing/screen';
import { KeysSheet } from './KeysSheet';
import { PointAt } from './PointAt';
import { Slider } from './Slider';
import { TitleBlock } from './TitleBlock';
import { Words } from './Words';

describe('the title block', () => {
  const job = { number: 31, stage: 'hold', began: 'find', href: '/jobs/job' } as const;

  test('names what one is in, from the large to the small, and leads there', async () => {
    const block = <TitleBlock cells={{ here: 'job', unit: { name: 'CR2 cold room', href: '/units/u' }, job }} onKeys={() => undefined} />;
    await showScreen(block, { size: 'wide' });
    expect(screen.getByText('CR2 cold room')).toBeTruthy();
    expect(screen.getByText('job 31 · hold')).toBeTruthy();
    await press('CR2 cold room');
    expect(went()).toEqual(['/units/u']);
  });

  test('beside a joint there is no room for bench and check; van and keys stay', async () => {
    await showScreen(<TitleBlock cells={{ here: 'joint', job, joint: { text: 'CR2-07' } }} onKeys={() => undefined} />, { size: 'wide' });
    expect(screen.queryByText('bench')).toBeNull();
    expect(screen.getByText('van')).toBeTruthy();
    expect(screen.getByText('keys')).toBeTruthy();
  });

  test('its one action and its round key act', async () => {
    const act = jest.fn();
    const action = { label: 'End the hold', onPress: act };
    await showScreen(<TitleBlock cells={{ here: 'job', job }} action={action} round={{ label: 'more', onPress: act }} onKeys={act} />, { size: 'wide' }); // prettier-ignore
    await press('End the hold');
    await press('more');
    await press('keys');
    expect(act).toHaveBeenCalledTimes(3);
  });
});

test('every key that works here is listed with what it does', async () => {
  const bindings = [
    { key: '/', says: 'find', run: () => undefined },
    { key: 'Escape', says: 'close what lies over it', run: () => undefined },
  ];
  await showScreen(<KeysSheet bindings={bindings as never} open onClose={() => undefined} />, { size: 'wide' }); // cast: what is listed of them
  expect(screen.getByText('esc')).toBeTruthy();
  expect(screen.getByText('close what lies over it')).toBeTruthy();
});

describe('pointing at a picture', () => {
  const SIZE = { width: 240, height: 180 };
  const show = async (touch: object | undefined) => {
    const onPoint = jest.fn();
    await showScreen(
      <PointAt says="mark photo 1" size={SIZE} onPoint={onPoint}>
        <Words>photo</Words>
      </PointAt>,
    );
    fireEvent.press(screen.getByLabelText('mark photo 1'), { nativeEvent: touch ?? {} });
    return onPoint.mock.calls;
  };

  test('by finger and by mouse is a share of its width and height', async () => {
    expect(await show({ locationX: 60, locationY: 45 })).toEqual([[0.25, 0.25]]);
    expect(await show({ offsetX: 240, offsetY: 180 })).toEqual([[1, 1]]);
  });

  test('by the keyboard is its middle; beyond the edge is the edge', async () => {
    expect(await show(undefined)).toEqual([[0.5, 0.5]]);
    expect(await show({ locationX: 500, locationY: -20 })).toEqual([[1, 0]]);
  });
});

test('a slider says what it stands at in words', async () => {
  await showScreen(<Slider label="after lighting" value={30} min={0} max={120} step={5} text="30 s" onChange={() => undefined} />);
  const slider = screen.getByLabelText('after lighting');
  expect(slider.props['aria-valuetext'] ?? slider.props['accessibilityValue']?.text).toBe('30 s');
});
