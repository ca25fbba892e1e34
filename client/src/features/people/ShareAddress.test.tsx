import { screen } from '@testing-library/react-native';
import { press, showScreen } from '@/testing/screen';
import { ShareAddress } from './ShareAddress';

const ADDRESS = 'https://kesto.lumikero/?code=K7PM4RWX2HTN';
const before = Object.getOwnPropertyDescriptor(globalThis, 'navigator');
afterEach(() => before && Object.defineProperty(globalThis, 'navigator', before));

async function shareOn(device: object): Promise<void> {
  Object.defineProperty(globalThis, 'navigator', { value: device, configurable: true });
  await showScreen(<ShareAddress address={ADDRESS} name="Sanna Kivi" />);
  await press('Share the address');
}

test('a phone shares by its own sheet, with whom it is for', async () => {
  const share = jest.fn(() => Promise.resolve());
  await shareOn({ share });
  expect(share).toHaveBeenCalledWith({ title: 'Kesto, for Sanna Kivi', url: ADDRESS });
  expect(screen.getByText('Shared')).toBeTruthy();
});

test('where there is no such sheet the address is copied', async () => {
  const writeText = jest.fn(() => Promise.resolve());
  await shareOn({ clipboard: { writeText } });
  expect(writeText).toHaveBeenCalledWith(ADDRESS);
  expect(screen.getByText('Copied')).toBeTruthy();
});

test('whoever closes the sheet may try again; a browser that gives no clipboard leaves it to the hand', async () => {
  await shareOn({ share: () => Promise.reject(new DOMException('closed', 'AbortError')) });
  expect(screen.getByText('Share the address')).toBeTruthy();
  await shareOn({ clipboard: { writeText: () => Promise.reject(new Error('not allowed')) } });
  expect(screen.getByText('Copy it by hand')).toBeTruthy();
});
