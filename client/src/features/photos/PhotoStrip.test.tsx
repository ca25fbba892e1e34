import { fireEvent, screen } from '@testing-library/react-native';
import { press, showScreen } from '@/testing/screen';
import { PhotoStrip } from './PhotoStrip';

const photosWith = (rest: object = {}) => ({ photos: [], add: jest.fn(), problem: null, busy: false, ...rest }) as never; // cast: what the strip shows
const PHOTO = { sha256: 'a'.repeat(64), uri: 'blob:1' };

test('a photo is added by its key, once at a time', async () => {
  const add = jest.fn();
  await showScreen(<PhotoStrip photos={photosWith({ add })} />);
  await press('Add a photo');
  expect(add).toHaveBeenCalledTimes(1);
  await showScreen(<PhotoStrip photos={photosWith({ add, busy: true })} />);
  await press('Keeping the photo');
  expect(add).toHaveBeenCalledTimes(1);
});

test('what cannot be read is said where it was picked', async () => {
  await showScreen(<PhotoStrip photos={photosWith({ problem: 'This file is not a photo this device can read.' })} />);
  expect(screen.getByRole('alert')).toHaveTextContent(/is not a photo/);
});

test('photos are named by their place; without marks nothing is asked of them', async () => {
  await showScreen(<PhotoStrip photos={photosWith({ photos: [PHOTO, { ...PHOTO, sha256: 'b'.repeat(64) }] })} />);
  expect(screen.getByLabelText('photo 2')).toBeTruthy();
  expect(screen.queryByText(/a ring marks it/)).toBeNull();
});

test('where a flaw is meant the photo says that it may be touched, and once marked that it may be moved', async () => {
  const onMark = jest.fn();
  await showScreen(<PhotoStrip photos={photosWith({ photos: [PHOTO] })} marks={{ all: [], onMark }} />);
  expect(screen.getByText(/Touch a photo where the flaw is/)).toBeTruthy();
  fireEvent.press(screen.getByLabelText('mark photo 1'), { nativeEvent: { locationX: 120, locationY: 90 } });
  await showScreen(<PhotoStrip photos={photosWith({ photos: [PHOTO] })} marks={{ all: [{ photo: 1, x: 0.5, y: 0.5 }], onMark }} />);
  expect(screen.getByLabelText('photo 1, marked: mark it elsewhere')).toBeTruthy();
});
