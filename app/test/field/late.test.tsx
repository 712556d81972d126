import { act, render, screen } from '@testing-library/react';
import { Text } from 'react-native';
import { late } from '../../src/screens/late';

const Part = ({ word }: { word: string }) => <Text>{word}</Text>;

const leave = jest.fn();

describe('a part that is not in the first scripts', () => {
  test('is there when it is shown, once it has been loaded ahead', async () => {
    const load = jest.fn(() => Promise.resolve(Part));
    const LatePart = late(load, leave);
    await act(async () => LatePart.warm());
    render(<LatePart word="salt" />);
    expect(screen.getByText('salt')).toBeTruthy();
    expect(load).toHaveBeenCalledTimes(1);
  });

  test('is loaded when it is shown, and says so meanwhile', async () => {
    const LatePart = late(() => Promise.resolve(Part), leave);
    render(<LatePart word="brine" />);
    expect(screen.getByText('Opening…')).toBeTruthy();
    expect(await screen.findByText('brine')).toBeTruthy();
  });

  test('that cannot be loaded says what to do, and comes when it is tried again', async () => {
    const load = jest
      .fn<Promise<typeof Part>, []>()
      .mockRejectedValueOnce(new Error('offline'))
      .mockRejectedValueOnce(new Error('offline'))
      .mockResolvedValue(Part);
    const LatePart = late(load, leave);
    await act(async () => LatePart.warm());
    render(<LatePart word="crust" />);
    const again = await screen.findByText('Try again');
    expect(screen.getByText(/could not be loaded/)).toBeTruthy();
    screen.getByText('Close').click();
    expect(leave).toHaveBeenCalledTimes(1);
    await act(async () => again.click());
    expect(await screen.findByText('crust')).toBeTruthy();
  });
});
