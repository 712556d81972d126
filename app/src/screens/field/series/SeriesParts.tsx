import { Text } from 'react-native';
import type { Gather, Series, SeriesOf } from '@velmo/core/series';
import { Choice } from '../../../instruments/Choice';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { changeSeries } from '../commands/seriesCommands';
import { whileWords } from '../words/seriesWords';
import { BracketParts } from './BracketParts';
import { FocusParts } from './FocusParts';
import { FrameCount, offered } from './FrameCount';

/** What can be chosen of a kind of series. */
export function SeriesParts({ series }: { series: Series }) {
  switch (series.kind) {
    case 'single':
      return null;
    case 'bracket':
      return <BracketParts series={series} />;
    case 'burst':
      return <BurstParts series={series} />;
    case 'focus':
      return <FocusParts series={series} />;
    case 'interval':
      return <IntervalParts series={series} />;
    case 'long':
      return <LongParts series={series} />;
  }
}

function BurstParts({ series }: { series: SeriesOf<'burst'> }) {
  return (
    <FrameCount
      numbers={[3, 5, 10, 20, 40, 60]}
      now={series.frames}
      onChoose={(frames) => changeSeries({ ...series, frames })}
    />
  );
}

function IntervalParts({ series }: { series: SeriesOf<'interval'> }) {
  return (
    <>
      <Choice
        label="Every"
        options={offered([1, 2, 5, 10, 30, 60, 300, 900, 3600], series.everyS).map((seconds) => ({
          value: seconds,
          label: whileWords(seconds),
          name: `Every ${whileWords(seconds)}`,
        }))}
        value={series.everyS}
        onChoose={(everyS) => changeSeries({ ...series, everyS })}
      />
      <FrameCount
        numbers={[10, 30, 60, 120, 300, 999]}
        now={series.frames}
        onChoose={(frames) => changeSeries({ ...series, frames })}
      />
      <Choice
        label="Exposure"
        options={[
          { value: 'held' as const, label: 'as the first' },
          { value: 'metered' as const, label: 'metered anew' },
        ]}
        value={series.exposure}
        onChoose={(exposure) => changeSeries({ ...series, exposure })}
      />
      <Choice
        label="Light lasts"
        options={offered([0, 900, 1800, 3600, 7200, 14_400], series.lightS).map((seconds) => ({
          value: seconds,
          label: seconds === 0 ? 'not said' : whileWords(seconds),
          name:
            seconds === 0
              ? 'How long the light lasts is not said'
              : `The light lasts ${whileWords(seconds)}`,
        }))}
        value={series.lightS}
        onChoose={(lightS) => changeSeries({ ...series, lightS })}
      />
    </>
  );
}

const GATHER_WORDS: Readonly<Record<Gather, string>> = {
  mean: 'mean: water, clouds',
  sum: 'sum: darkness',
  brightest: 'brightest: trails, lamps',
};

function LongParts({ series }: { series: SeriesOf<'long'> }) {
  return (
    <>
      <Choice
        label="In all"
        options={offered([30, 60, 120, 300, 600, 1800, 3600, 7200], series.totalS).map(
          (seconds) => ({
            value: seconds,
            label: whileWords(seconds),
            name: `${whileWords(seconds)} in all`,
          }),
        )}
        value={series.totalS}
        onChoose={(totalS) => changeSeries({ ...series, totalS })}
      />
      <Choice
        label="Keeps"
        options={(Object.keys(GATHER_WORDS) as Gather[]).map((gather) => ({
          value: gather,
          label: GATHER_WORDS[gather],
        }))}
        value={series.gather}
        onChoose={(gather) => changeSeries({ ...series, gather })}
      />
      <Text style={SHEET_TEXT.about}>
        Press again to stop: what has been gathered is kept. The raw is linear and finer than one
        frame’s.
      </Text>
    </>
  );
}
