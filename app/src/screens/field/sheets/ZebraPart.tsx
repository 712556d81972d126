import { StyleSheet, Text } from 'react-native';
import { formatSignedThirds, formatThirds } from '@velmo/core/exposure';
import { TONE_CLICKS, ZEBRA_CLICKS } from '@velmo/core/monitor';
import { Choice } from '../../../instruments/Choice';
import { Tape, type TapeProps } from '../../../instruments/tape/Tape';
import type { TapeScale } from '../../../instruments/tape/tapeScale';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { shareText } from '../session/compare';
import { fieldStore, readingsStore } from '../session/fieldState';
import { changeMonitors } from '../session/preferencesNow';
import { useReadsRaw } from '../session/useReadsRaw';

const ZEBRA_RAW: TapeScale = {
  name: 'Zebra',
  engrave: (clicks) => (clicks === 0 ? 'clip' : `−${formatThirds(clicks)}`),
  readout: (clicks) => (clicks === 0 ? 'at clip' : `−${formatThirds(clicks)}`),
  speak: (clicks) =>
    clicks === 0 ? 'at clipping' : `${formatThirds(clicks)} stops under clipping`,
  majorEvery: 3,
};

/** Percent of the JPEG's scale in steps of five; the last step is 109, the top. */
const PERCENT_STEPS = { min: 0, max: 8 } as const;
const percentOfStep = (step: number): number => (step >= PERCENT_STEPS.max ? 109 : 70 + 5 * step);
const stepOfPercent = (percent: number): number =>
  percent >= 109 ? PERCENT_STEPS.max : Math.min(7, Math.round((percent - 70) / 5));
const percentWords = (step: number): string =>
  step >= PERCENT_STEPS.max ? '109+' : `${percentOfStep(step)}`;

const ZEBRA_PICTURE: TapeScale = {
  name: 'Zebra',
  engrave: percentWords,
  readout: (step) => `${percentWords(step)} %`,
  speak: (step) => `${percentWords(step)} percent of the JPEG’s scale`,
  majorEvery: 2,
};

const TONE: TapeScale = {
  name: 'Tone',
  engrave: formatSignedThirds,
  readout: formatSignedThirds,
  speak: (clicks) => `${formatSignedThirds(clicks)} stops from mid-grey`,
  majorEvery: 3,
};

const FIRST_TONE = 6;

/** Where a zebra begins that has just been chosen. */
const FIRST_ZEBRA = {
  off: null,
  raw: { on: 'raw', clicksUnder: 0 },
  picture: { on: 'picture', percent: 100 },
} as const;

type ThresholdProps = Pick<TapeProps, 'scale' | 'range' | 'click' | 'tag' | 'onChange'>;

/** A tape of the user's own: nothing moves it but the hand. */
const Threshold = (props: ThresholdProps) => (
  <Tape {...props} held step={1} releasable={false} atEnd={false} onRelease={noRelease} />
);
const noRelease = (): void => {};

/** Stripes over what is bright, and finer ones over a tone of choice. */
export function ZebraPart() {
  const readsRaw = useReadsRaw();
  const { zebra, toneClicks } = useStore(fieldStore, (s) => s.preferences.monitors);
  const share = useStore(readingsStore, (r) => shareText(r?.zebraShare ?? 0));
  return (
    <>
      <Choice
        label="Zebra"
        options={[
          { value: 'off', label: 'off', name: 'Zebra: off' },
          {
            value: 'raw',
            label: readsRaw ? 'raw' : 'stops',
            name: readsRaw ? 'Zebra: raw' : 'Zebra: stops under white',
          },
          { value: 'picture', label: 'JPEG', name: 'Zebra: JPEG' },
        ]}
        value={zebra?.on ?? 'off'}
        onChoose={(on) => changeMonitors({ zebra: FIRST_ZEBRA[on] })}
      />
      {zebra?.on === 'raw' && (
        <Threshold
          scale={ZEBRA_RAW}
          range={ZEBRA_CLICKS}
          click={zebra.clicksUnder}
          tag={`on ${share}`}
          onChange={(clicksUnder) => changeMonitors({ zebra: { on: 'raw', clicksUnder } })}
        />
      )}
      {zebra?.on === 'picture' && (
        <Threshold
          scale={ZEBRA_PICTURE}
          range={PERCENT_STEPS}
          click={stepOfPercent(zebra.percent)}
          tag={`on ${share}`}
          onChange={(step) =>
            changeMonitors({ zebra: { on: 'picture', percent: percentOfStep(step) } })
          }
        />
      )}
      <Choice
        label="Second band, 1/6 stop about a tone"
        options={[
          { value: false, label: 'off', name: 'Second band: off' },
          { value: true, label: 'on', name: 'Second band: on' },
        ]}
        value={toneClicks !== null}
        onChoose={(on) => changeMonitors({ toneClicks: on ? FIRST_TONE : null })}
      />
      {toneClicks !== null && (
        <Threshold
          scale={TONE}
          range={TONE_CLICKS}
          click={toneClicks}
          tag="stops"
          onChange={(clicks) => changeMonitors({ toneClicks: clicks })}
        />
      )}
      <Text style={styles.about}>
        Zebra at clip starts one click past the brightest exposure that holds. White salt stands at
        about +2 2/3, pale skin at about +1.
      </Text>
    </>
  );
}

const styles = StyleSheet.create({
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
});
