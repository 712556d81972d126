import { useState } from 'react';
import { Text } from 'react-native';
import { formatStops, formatThirds } from '@velmo/core/exposure';
import {
  BRACKET_FRAMES,
  BRACKET_STEP_CLICKS,
  type BracketOrder,
  type SeriesOf,
} from '@velmo/core/series';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { useStore } from '../../../state/store';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { coverTheScene, SHADOW_SNRS } from '../commands/coverScene';
import { changeSeries } from '../commands/seriesCommands';
import { fieldStore } from '../session/fieldState';
import { FrameCount, range } from './FrameCount';

const ORDER_WORDS: Readonly<Record<BracketOrder, string>> = {
  'middle-first': 'middle, under, over',
  'dark-first': 'dark to bright',
  'bright-first': 'bright to dark',
};

/** How many, how far apart, in which order; and what the scene itself needs. */
export function BracketParts({ series }: { series: SeriesOf<'bracket'> }) {
  return (
    <>
      <Cover />
      <FrameCount
        numbers={range(BRACKET_FRAMES)}
        now={series.frames}
        onChoose={(frames) => changeSeries({ ...series, frames })}
      />
      <Choice
        label="Apart"
        options={range(BRACKET_STEP_CLICKS).map((clicks) => ({
          value: clicks,
          label: formatThirds(clicks),
          name: `${formatStops(clicks)} apart`,
        }))}
        value={series.stepClicks}
        onChoose={(stepClicks) => changeSeries({ ...series, stepClicks })}
      />
      <Choice
        label="Order"
        options={(Object.keys(ORDER_WORDS) as BracketOrder[]).map((order) => ({
          value: order,
          label: ORDER_WORDS[order],
        }))}
        value={series.order}
        onChoose={(order) => changeSeries({ ...series, order })}
      />
    </>
  );
}

/** The bracket that the scene needs, found from its light where the camera knows it. */
function Cover() {
  const [snr, setSnr] = useState<number>(4);
  const covers = useStore(fieldStore, (s) => s.capabilities?.coversScene ?? null);
  if (!covers)
    return (
      <Text style={SHEET_TEXT.about}>
        How far the light reaches past this camera’s white is not known: the bracket is yours to
        choose.
      </Text>
    );
  return (
    <>
      <Button
        label="Cover the scene"
        name="Cover the scene: the fewest frames that hold all of its light"
        onPress={() => void coverTheScene(snr)}
      />
      {covers === 'by probing' ? (
        <Text style={SHEET_TEXT.about}>
          It looks at the light at darker and brighter exposures first. Shadows count as held from a
          stop over what this camera shows as black.
        </Text>
      ) : (
        <Choice
          label="Shadows"
          options={SHADOW_SNRS.map((value) => ({
            value,
            label: `${value}:1`,
            name: `Signal to noise ${value}:1 in the darkest shadows`,
          }))}
          value={snr}
          onChoose={setSnr}
        />
      )}
    </>
  );
}
