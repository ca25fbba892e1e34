import { act, screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { openLine } from '@/api/line';
import { settle, showScreen } from '@/testing/screen';
import { useHoldLiveState } from './api';
import { usePushed } from './usePushed';

jest.mock('@/api/line', () => ({ openLine: jest.fn() }));

/** A line as the server sees it: what the page said, and what is told to it. */
class FakeLine {
  readonly said: unknown[] = [];
  onopen: (() => void) | null = null;
  onmessage: ((event: { data: string }) => void) | null = null;
  onclose: (() => void) | null = null;
  send = (text: string) => void this.said.push(JSON.parse(text));
  close = jest.fn();
  tell = (message: object) => act(async () => this.onmessage?.({ data: JSON.stringify(message) }));
}
let lines: FakeLine[];
beforeEach(() => {
  lines = [];
  (openLine as jest.Mock).mockImplementation(() => {
    const line = new FakeLine();
    lines.push(line);
    return line;
  });
});

function Watcher({ by = null, isWatched = true }: { by?: string | null; isWatched?: boolean }) {
  const isOpen = usePushed({ of: 'hold', job: 'job', id: 'h', by }, isWatched);
  const { data } = useHoldLiveState({ job: 'job', hold: 'h', by });
  return <Text>{`${isOpen ? 'told' : 'asks'} ${data?.entries ?? 'nothing'}`}</Text>;
}
const PICTURE = { entries: 7, series: [], judgedBy: null, points: [], curve: null };

test('it says what it watches and who it is; what it is told stands where a request would have put it', async () => {
  await showScreen(<Watcher by="s" />);
  expect(screen.getByText('asks nothing')).toBeTruthy();
  await act(async () => lines[0]?.onopen?.());
  expect(lines[0]?.said).toEqual([{ watch: { of: 'hold', job: 'job', id: 'h', by: 's' }, person: expect.any(String) }]);
  await lines[0]?.tell({ hold: PICTURE });
  await settle();
  expect(screen.getByText('told 7')).toBeTruthy();
});

test('a refusal is no picture: whoever watches goes on asking', async () => {
  await showScreen(<Watcher />);
  await lines[0]?.tell({ refused: { code: 'NOT_FOUND', message: 'This hold is not here.' } });
  expect(screen.getByText('asks nothing')).toBeTruthy();
});

test('a line that broke is opened again, and meanwhile it asks', async () => {
  await showScreen(<Watcher />);
  await lines[0]?.tell({ hold: PICTURE });
  jest.useFakeTimers();
  await act(async () => lines[0]?.onclose?.());
  expect(screen.getByText('asks 7')).toBeTruthy();
  await act(async () => void jest.advanceTimersByTime(3000));
  expect(lines).toHaveLength(2);
  jest.useRealTimers();
});

test('left, the line is closed and stays so; nothing is opened for what is not watched', async () => {
  await showScreen(<Watcher />);
  jest.useFakeTimers();
  screen.unmount();
  expect(lines[0]?.close).toHaveBeenCalled();
  lines[0]?.onclose?.();
  jest.advanceTimersByTime(10_000);
  expect(lines).toHaveLength(1);
  jest.useRealTimers();
  await showScreen(<Watcher isWatched={false} />);
  expect(lines).toHaveLength(1);
});
