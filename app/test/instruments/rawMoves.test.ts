import { RawMoves } from '../../src/instruments/gestures/rawMoves';

/** What a browser tells between its frames. */
function rawMove(x: number, y: number, timeStamp: number, pointerId = 1): Event {
  const event = new Event('pointerrawupdate');
  for (const [key, value] of Object.entries({ clientX: x, clientY: y, pointerId, timeStamp }))
    Object.defineProperty(event, key, { value });
  return event;
}

describe('moves between the frames of the page', () => {
  const told = jest.fn<void, [number, number]>();
  const start = () => {
    const element = document.createElement('div');
    return { element, moves: new RawMoves(element, told) };
  };
  beforeEach(() => jest.clearAllMocks());

  test('count from where the drag began, whatever it was before it counted as one', () => {
    const { element, moves } = start();
    moves.follow({ pointerId: 1, at: [103, 50], moved: [0, 0] });
    element.dispatchEvent(rawMove(110, 48, 100));
    expect(told).toHaveBeenLastCalledWith(7, -2);
    moves.follow({ pointerId: 1, at: [120, 50], moved: [17, 0] });
    element.dispatchEvent(rawMove(121, 50, 200));
    expect(told).toHaveBeenLastCalledWith(18, 0);
  });

  test('are nobody else’s: another finger, no drag yet, or none any more', () => {
    const { element, moves } = start();
    element.dispatchEvent(rawMove(10, 10, 100));
    moves.follow({ pointerId: 1, at: [0, 0], moved: [0, 0] });
    element.dispatchEvent(rawMove(10, 10, 200, 2));
    moves.end();
    element.dispatchEvent(rawMove(10, 10, 300));
    expect(told).not.toHaveBeenCalled();
  });

  test('a mouse that tells a thousand a second is asked for no more than a screen shows', () => {
    const { element, moves } = start();
    moves.follow({ pointerId: 1, at: [0, 0], moved: [0, 0] });
    for (let ms = 0; ms < 100; ms++) element.dispatchEvent(rawMove(ms, 0, 1000 + ms));
    expect(told.mock.calls.length).toBeGreaterThan(5);
    expect(told.mock.calls.length).toBeLessThan(15);
  });
});
