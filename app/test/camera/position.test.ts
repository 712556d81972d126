import { followPosition, positioningStore, positionNow } from '../../src/camera/position';
import { positionWords } from '../../src/screens/field/words/positionWords';

/** A receiver that says what it is told to. */
function receiver() {
  let found: PositionCallback = () => {};
  let failed: PositionErrorCallback = () => {};
  const clearWatch = jest.fn();
  const watchPosition = (onFound: PositionCallback, onFailed: PositionErrorCallback): number => {
    [found, failed] = [onFound, onFailed];
    return 7;
  };
  Object.defineProperty(navigator, 'geolocation', {
    value: { watchPosition, clearWatch },
    configurable: true,
  });
  return {
    clearWatch,
    finds: (timestamp: number) =>
      found({
        coords: { latitude: 38.7, longitude: -9.1, accuracy: 11.6 },
        timestamp,
      } as GeolocationPosition),
    fails: (code: number) => failed({ code, PERMISSION_DENIED: 1 } as GeolocationPositionError),
  };
}

describe('where frames are taken', () => {
  test('is known from the first answer on, and no more once it is not followed', () => {
    const { finds, clearWatch } = receiver();
    expect(positionNow()).toBeUndefined();
    const end = followPosition();
    expect(positionWords(positioningStore.get())).toMatch(/is asked/);
    finds(Date.now());
    expect(positionNow()).toMatchObject({ latitude: 38.7, longitude: -9.1, accuracyM: 11.6 });
    expect(positionWords(positioningStore.get())).toMatch(/^Known to within 12 m/);
    end();
    expect(clearWatch).toHaveBeenCalledWith(7);
    expect(positionNow()).toBeUndefined();
  });

  test('is not told by a position of long ago; one of a moment ago outlasts a lost signal', () => {
    const { finds, fails } = receiver();
    const end = followPosition();
    finds(Date.now() - 60_000);
    fails(2);
    expect(positionNow()).toBeDefined();
    finds(Date.now() - 20 * 60_000);
    expect(positionNow()).toBeUndefined();
    end();
  });

  test('refused, or without a receiver: frames are taken without, and that is said', () => {
    const { fails } = receiver();
    const end = followPosition();
    fails(1);
    expect(positionWords(positioningStore.get())).toMatch(/not allowed .* settings/);
    expect(positionNow()).toBeUndefined();
    end();
    Object.defineProperty(navigator, 'geolocation', { value: undefined, configurable: true });
    const endNone = followPosition();
    expect(positionWords(positioningStore.get())).toMatch(/cannot be found out/);
    endNone();
  });
});
