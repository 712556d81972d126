import { Hands } from '../../src/instruments/window/hands';

const PLACE = { x: 0.4, y: 0.6 };
const BESIDE = { x: 0.41, y: 0.6 };
const ELSEWHERE = { x: 0.8, y: 0.2 };

describe('fingers on the Window', () => {
  const told = {
    onTap: jest.fn(),
    onDoubleTap: jest.fn(),
    onLongPress: jest.fn(),
    onPan: jest.fn(),
    onZoom: jest.fn(),
    onHold: jest.fn(),
  };
  const hands = (): Hands => {
    const made = new Hands();
    made.follow(told);
    return made;
  };
  beforeEach(() => {
    jest.useFakeTimers();
    jest.clearAllMocks();
  });
  afterEach(() => jest.useRealTimers());

  test('a tap is told once no second one has come', () => {
    hands().tapped(PLACE, 80);
    expect(told.onTap).not.toHaveBeenCalled();
    jest.advanceTimersByTime(300);
    expect(told.onTap).toHaveBeenCalledWith(PLACE);
    expect(told.onDoubleTap).not.toHaveBeenCalled();
  });

  test('two taps in one place are a double tap and nothing else', () => {
    const two = hands();
    two.tapped(PLACE, 80);
    jest.advanceTimersByTime(150);
    two.tapped(BESIDE, 80);
    jest.advanceTimersByTime(1000);
    expect(told.onDoubleTap).toHaveBeenCalledTimes(1);
    expect(told.onTap).not.toHaveBeenCalled();
  });

  test('taps in two places are two taps', () => {
    const two = hands();
    two.tapped(PLACE, 80);
    two.tapped(ELSEWHERE, 80);
    jest.advanceTimersByTime(1000);
    expect(told.onTap.mock.calls).toEqual([[PLACE], [ELSEWHERE]]);
    expect(told.onDoubleTap).not.toHaveBeenCalled();
  });

  test('a second tap that waits behind what kept the page busy is still the second of two', () => {
    const two = hands();
    two.tapped(PLACE, 80);
    // Half a second nothing runs; then the timer that is due, and only then the tap that waited.
    const busy = performance.now() + 500;
    jest.spyOn(performance, 'now').mockReturnValueOnce(busy);
    jest.advanceTimersByTime(260);
    expect(told.onTap).not.toHaveBeenCalled();
    two.tapped(BESIDE, 80);
    jest.advanceTimersByTime(1000);
    expect(told.onDoubleTap).toHaveBeenCalledTimes(1);
    expect(told.onTap).not.toHaveBeenCalled();
  });

  test('on a page that was busy a tap that stays alone is told, if later', () => {
    hands().tapped(PLACE, 80);
    jest.spyOn(performance, 'now').mockReturnValueOnce(performance.now() + 500);
    jest.advanceTimersByTime(300);
    expect(told.onTap).toHaveBeenCalledWith(PLACE);
  });

  test('a press between a tap and a look at the picture leaves a pin', () => {
    hands().tapped(PLACE, 700);
    expect(told.onLongPress).toHaveBeenCalledWith(PLACE);
    hands().tapped(PLACE, 2000);
    jest.advanceTimersByTime(1000);
    expect(told.onLongPress).toHaveBeenCalledTimes(1);
    expect(told.onTap).not.toHaveBeenCalled();
  });
});
