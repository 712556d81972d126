import { Text } from 'react-native';
import { distanceOf, formatDistance } from '@velmo/core/optics';
import type { Gather, Series, SeriesOf } from '@velmo/core/series';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { useStore } from '../../../state/store';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { changeSeries, markFocusEnd } from '../commands/seriesCommands';
import { fieldStore } from '../session/fieldState';
import { whileWords } from '../words/seriesWords';
import { BracketParts } from './BracketParts';
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

function FocusParts({ series }: { series: SeriesOf<'focus'> }) {
  const unit = useStore(fieldStore, (s) => s.preferences.focusing.unit);
  const end = (dioptres: number): string => formatDistance(distanceOf(dioptres), unit);
  return (
    <>
      <Text style={SHEET_TEXT.about}>
        Tap the nearest thing that must be sharp, mark it; then the farthest.
      </Text>
      <Button
        label={`Near end: ${end(series.nearDioptres)} · mark here`}
        name="Mark the near end where focus stands"
        onPress={() => markFocusEnd('near')}
      />
      <Button
        label={`Far end: ${end(series.farDioptres)} · mark here`}
        name="Mark the far end where focus stands"
        onPress={() => markFocusEnd('far')}
      />
      <Choice
        label="Overlap"
        options={offered([0, 10, 20, 30, 50], Math.round(100 * series.overlap)).map((percent) => ({
          value: percent,
          label: `${percent} %`,
          name: `Overlap ${percent} %`,
        }))}
        value={Math.round(100 * series.overlap)}
        onChoose={(percent) => changeSeries({ ...series, overlap: percent / 100 })}
      />
    </>
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
