import { act, render } from '@testing-library/react';
import { useRef } from 'react';
import { Text } from 'react-native';
import { useLiveWords } from '../../src/screens/field/words/liveWords';
import { createStore } from '../../src/state/store';

const store = createStore<number | null>(null);
const words = (value: number | null): string => (value === null ? 'no reading yet' : `${value}`);

function Reading() {
  const host = useRef<Text>(null);
  useLiveWords(host, store, words, 'aria-valuetext');
  return <Text ref={host} role="slider" />;
}

test('the first reading is said at once, those that follow four times a second', () => {
  jest.useFakeTimers();
  const { getByRole } = render(<Reading />);
  const said = (): string | null => getByRole('slider').getAttribute('aria-valuetext');
  const reads = (value: number): void => act(() => store.set(value));
  expect(said()).toBe('no reading yet');
  reads(1);
  expect(said()).toBe('1');
  reads(2);
  reads(3);
  expect(said()).toBe('1');
  jest.advanceTimersByTime(250);
  expect(said()).toBe('3');
  jest.useRealTimers();
});
