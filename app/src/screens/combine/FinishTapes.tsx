import { FIRST_FINISH, type FinishChoices } from '@velmo/core/combine';
import { formatSignedThirds } from '@velmo/core/exposure';
import { StyleSheet, View } from 'react-native';
import { Tape } from '../../instruments/tape/Tape';
import type { TapeScale } from '../../instruments/tape/tapeScale';

interface FinishTapesProps {
  readonly finish: FinishChoices;
  readonly onFinish: (finish: FinishChoices) => void;
}

/** Clicks a tape has for what it sets. */
const PER_STOP = 3;
const PER_WHOLE = 20;

const BRIGHTNESS: TapeScale = {
  name: 'Brightness',
  engrave: formatSignedThirds,
  readout: formatSignedThirds,
  speak: (click) => `${formatSignedThirds(click)} stops`,
  majorEvery: 3,
};

const percent = (click: number): string => `${Math.round((100 * click) / PER_WHOLE)} %`;

const shares = (name: 'Range' | 'Detail'): TapeScale => ({
  name,
  engrave: (click) => `${Math.round((100 * click) / PER_WHOLE)}`,
  readout: percent,
  speak: percent,
  majorEvery: 4,
});
const RANGE = shares('Range');
const DETAIL = shares('Detail');

const TAPES = [
  { scale: BRIGHTNESS, part: 'brightness', per: PER_STOP, range: { min: -9, max: 9 } },
  { scale: RANGE, part: 'range', per: PER_WHOLE, range: { min: 0, max: PER_WHOLE } },
  { scale: DETAIL, part: 'detail', per: PER_WHOLE, range: { min: 0, max: 2 * PER_WHOLE } },
] as const;

/** How the merged range becomes a picture: how bright, how much of it is pressed, how crisp. */
export function FinishTapes({ finish, onFinish }: FinishTapesProps) {
  return (
    <View style={styles.tapes} role="group" aria-label="The picture">
      {TAPES.map(({ scale, part, per, range }) => {
        const first = Math.round(FIRST_FINISH[part] * per);
        const click = Math.round(finish[part] * per);
        const set = (to: number): void => onFinish({ ...finish, [part]: (to + 0) / per });
        return (
          <Tape
            key={part}
            scale={scale}
            range={range}
            click={click}
            held={click !== first}
            releasable
            step={1}
            atEnd={false}
            tag={click === first ? 'first' : 'set'}
            onChange={set}
            onRelease={() => set(first)}
          />
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({ tapes: { gap: 4 } });
