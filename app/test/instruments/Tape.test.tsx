import { fireEvent, render, screen } from '@testing-library/react';
import { DEFAULT_SETTINGS } from '@velmo/core/settings';
import { ISO_SCALE, TIME_SCALE } from '../../src/instruments/tape/tapeScale';
import { Tape } from '../../src/instruments/tape/Tape';
import { Verdict } from '../../src/instruments/Verdict';

const range = { min: -39, max: 18 };

function show(change: Partial<React.ComponentProps<typeof Tape>> = {}) {
  const onChange = jest.fn();
  const onRelease = jest.fn();
  render(
    <Tape
      scale={TIME_SCALE}
      range={range}
      click={-21}
      held
      step={1}
      releasable
      atEnd={false}
      tag="set"
      onChange={onChange}
      onRelease={onRelease}
      {...change}
    />,
  );
  return { onChange, onRelease, tape: screen.getByRole('slider') };
}

describe('Tape', () => {
  test('is a slider that says its value and state', () => {
    const { tape } = show();
    expect(tape.getAttribute('aria-label')).toBe('Time');
    expect(tape.getAttribute('aria-valuetext')).toBe('1/125 s, set');
    expect(tape.getAttribute('aria-valuenow')).toBe('-21');
  });
  test('says when it ran into its end', () => {
    const { tape } = show({ scale: ISO_SCALE, click: 18, held: false, tag: 'auto', atEnd: true });
    expect(tape.getAttribute('aria-valuetext')).toBe('ISO 6400, auto, at its end');
  });
  test.each([
    ['ArrowRight', -20],
    ['ArrowUp', -20],
    ['ArrowLeft', -22],
    ['PageUp', -18],
    ['Home', -39],
    ['End', 18],
  ])('%s moves it to click %d', (key, click) => {
    const { tape, onChange } = show();
    fireEvent.keyDown(tape, { key });
    expect(onChange).toHaveBeenLastCalledWith(click);
  });
  test('counts keys that are faster than what they set is shown', () => {
    const { tape, onChange } = show();
    for (let n = 0; n < 6; n++) fireEvent.keyDown(tape, { key: 'ArrowRight' });
    expect(onChange).toHaveBeenLastCalledWith(-15);
  });
  test('stays on its scale', () => {
    const { tape, onChange } = show({ click: 18 });
    fireEvent.keyDown(tape, { key: 'ArrowRight' });
    expect(onChange).not.toHaveBeenCalled();
  });
  test('key A gives it back to the camera', () => {
    const { tape, onRelease } = show();
    fireEvent.keyDown(tape, { key: 'a' });
    expect(onRelease).toHaveBeenCalledTimes(1);
  });
});

describe('Verdict', () => {
  test('says all is well, or the finding with its repair', () => {
    const onRepair = jest.fn();
    const onList = jest.fn();
    const onWhy = jest.fn();
    const { rerender } = render(
      <Verdict
        height={48}
        finding={null}
        more={0}
        onRepair={onRepair}
        onList={onList}
        onWhy={onWhy}
      />,
    );
    expect(screen.getByRole('status').textContent).toBe('All in range.');
    const repair = { label: 'Take 1/3 off Comp', settings: DEFAULT_SETTINGS };
    rerender(
      <Verdict
        height={48}
        finding={{
          id: 'x',
          weight: 1,
          text: 'Highlights clip in green by 1/3 stop.',
          repairs: [repair],
        }}
        more={2}
        onRepair={onRepair}
        onList={onList}
        onWhy={onWhy}
      />,
    );
    expect(screen.getByRole('status').textContent).toContain('clip in green');
    fireEvent.click(screen.getByText('Take 1/3 off Comp'));
    expect(onRepair).toHaveBeenCalledWith(repair);
    fireEvent.click(screen.getByRole('button', { name: 'Verdict: 2 more findings' }));
    expect(onList).toHaveBeenCalledTimes(1);
  });
});
