import { Text } from 'react-native';
import { distanceOf, formatDistance } from '@velmo/core/optics';
import type { SeriesOf } from '@velmo/core/series';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { useStore } from '../../../state/store';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { focusControl } from '../commands/focusCommands';
import { changeSeries, markFocusEnd, markFocusPlace } from '../commands/seriesCommands';
import { fieldStore } from '../session/fieldState';
import { offered } from './FrameCount';

/** Between which distances focus steps lie, or at which places. */
export function FocusParts({ series }: { series: SeriesOf<'focus'> }) {
  const knowsLens = useStore(fieldStore, (s) => focusControl(s)?.sharpHalfWidth != null);
  return (
    <>
      {knowsLens ? (
        <Choice
          label="Focused"
          options={[
            { value: false, label: 'from near to far' },
            { value: true, label: 'at places' },
          ]}
          value={series.places !== null}
          onChoose={(atPlaces) => changeSeries({ ...series, places: atPlaces ? [] : null })}
        />
      ) : (
        <Text style={SHEET_TEXT.about}>
          How deep this camera sees sharp is not known: choose each place yourself.
        </Text>
      )}
      {series.places ? <Places series={series} places={series.places} /> : <Ends series={series} />}
    </>
  );
}

/** "0.8 m"; a camera that only counts steps tells no distance. */
function useDistanceWords(): (dioptres: number) => string {
  const unit = useStore(fieldStore, (s) => s.preferences.focusing.unit);
  const steps = useStore(fieldStore, (s) => focusControl(s)?.steps ?? false);
  return (dioptres) => (steps ? 'as set' : formatDistance(distanceOf(dioptres), unit));
}

function Ends({ series }: { series: SeriesOf<'focus'> }) {
  const distance = useDistanceWords();
  return (
    <>
      <Text style={SHEET_TEXT.about}>
        Tap the nearest thing that must be sharp, mark it; then the farthest.
      </Text>
      <Button
        label={`Near end: ${distance(series.nearDioptres)} · mark here`}
        name={`Near end: ${distance(series.nearDioptres)} · mark here, where focus stands`}
        onPress={() => markFocusEnd('near')}
      />
      <Button
        label={`Far end: ${distance(series.farDioptres)} · mark here`}
        name={`Far end: ${distance(series.farDioptres)} · mark here, where focus stands`}
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

function Places({ series, places }: { series: SeriesOf<'focus'>; places: readonly number[] }) {
  const distance = useDistanceWords();
  return (
    <>
      <Text style={SHEET_TEXT.about}>
        Tap what must be sharp, then mark it: each mark becomes a frame.
      </Text>
      <Button label="Mark here" name="Mark here, where focus stands" onPress={markFocusPlace} />
      {places.length > 0 && (
        <Choice
          label="Marked"
          options={places.map((dioptres, i) => ({
            value: i,
            label: `${i + 1}: ${distance(dioptres)} ×`,
            name: `${i + 1}: ${distance(dioptres)} ×, take this mark away`,
          }))}
          value={-1}
          onChoose={(taken) =>
            changeSeries({ ...series, places: places.filter((_, i) => i !== taken) })
          }
        />
      )}
    </>
  );
}
