import { act, render, screen } from '@testing-library/react-native';
import { useEffect, useState } from 'react';
import { Text } from 'react-native';
import { Resting } from './Resting';

let mockIsSeen = true;
jest.mock('expo-router', () => ({ useIsFocused: () => mockIsSeen }));

let drawn = 0;
let say: (text: string) => void = () => undefined;

function Said() {
  const [text, setText] = useState('empty');
  useEffect(() => {
    say = setText;
  }, []);
  drawn++;
  return <Text>{text}</Text>;
}

const page = () => (
  <Resting>
    <Said />
  </Resting>
);

test('a screen under another one is not drawn until it is seen again, and then shows what came meanwhile', () => {
  jest.useFakeTimers();
  const { rerender } = render(page());
  mockIsSeen = false;
  rerender(page());
  act(() => jest.runAllTimers());
  const before = drawn;
  act(() => say('three joints'));
  expect(drawn).toBe(before);
  mockIsSeen = true;
  rerender(page());
  act(() => jest.runAllTimers());
  expect(screen.getByText('three joints')).toBeTruthy();
});
