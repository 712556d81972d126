import type { Band } from '@velmo/core/consequence';
import { StyleSheet, Text, View } from 'react-native';
import { nominalTime } from '@velmo/core/exposure';
import { findLens, LENSES, SUBJECT_PACES, ZOOM_RANGE_MM } from '@velmo/core/optics';
import { MAX_FILTER_STOPS, MAX_STABILISER_STOPS, type Settings } from '@velmo/core/settings';
import { keptOffline, keptOfflineWords } from '../../../engine/keptOffline';
import { lacksOf, offeredHere } from '../../../engine/lacks';
import { Choice } from '../../../instruments/Choice';
import { Sheet } from '../../../instruments/Sheet';
import { Tape } from '../../../instruments/tape/Tape';
import {
  clickOfZoom,
  DEVICE_ZOOM_SCALE,
  zoomOfClick,
} from '../../../instruments/tape/deviceZoomScale';
import {
  clickOfFocal,
  FILTER_SCALE,
  focalOfClick,
  ZOOM_SCALE,
} from '../../../instruments/tape/tapeScale';
import type { Preferences } from '../../../storage/kept/preferences';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { session } from '../session/fieldSession';
import { closeSheet, fieldStore, readingsStore, openNote } from '../session/fieldState';
import { noteOfSheet } from '../words/noteTopics';
import { changePreferences } from '../session/preferencesNow';
import { FlashChoice } from './FlashChoice';
import { ScreenPart } from './ScreenPart';

const ZOOM_CLICKS = {
  min: clickOfFocal(ZOOM_RANGE_MM.min),
  max: clickOfFocal(ZOOM_RANGE_MM.max),
} as const;
const FILTER_CLICKS = { min: 0, max: MAX_FILTER_STOPS } as const;

/** Which lens draws where along the zoom, and where a crop begins. */
const LENS_BANDS = LENSES.map((lens, i): Band => ({
  id: 'lens',
  from: clickOfFocal(lens.focalLength35Mm),
  to: i + 1 < LENSES.length ? clickOfFocal(LENSES[i + 1].focalLength35Mm) - 1 : ZOOM_CLICKS.max,
  label: `${lens.label} f/${lens.fNumber}, then crop`,
  detail: '',
  weight: 'note',
  grade: i,
}));

const change = (part: Partial<Settings>): void =>
  session.changeSettings((s) => ({ ...s, ...part }));

/**
 * What the picture is taken with: lens, support, filter, light, and what is known of the subject.
 */
export function RigSheet() {
  const hasRig = useStore(fieldStore, (s) => s.capabilities?.hasRig ?? false);
  return (
    <Sheet title="Rig" onClose={closeSheet} onNote={() => openNote(noteOfSheet('rig'))}>
      {hasRig && <LensAndSupport />}
      {hasRig && <LightAndSubject />}
      {!hasRig && <DeviceRig />}
      <CompSteps />
      <ScreenPart />
      <ThisBrowser />
    </Sheet>
  );
}

/** What this browser does not give, and what follows; and whether it keeps Velmo. */
function ThisBrowser() {
  const lacks = lacksOf(offeredHere());
  const kept = useStore(keptOffline, keptOfflineWords);
  return (
    <View style={styles.browser}>
      <Text style={styles.head} role="heading">
        This browser
      </Text>
      <Text style={styles.about}>{kept}</Text>
      {lacks.map((lack) => (
        <Text key={lack} style={styles.about}>
          {lack}
        </Text>
      ))}
    </View>
  );
}

/**
 * What a camera without a rig of ours can change: its zoom and its torch, as far as it has them.
 */
function DeviceRig() {
  const zoomMax = useStore(fieldStore, (s) => s.capabilities?.zoomMax ?? null);
  const hasTorch = useStore(fieldStore, (s) => s.capabilities?.hasTorch ?? false);
  const { crop, torch } = useStore(fieldStore, (s) => s.settings);
  return (
    <>
      <Text style={styles.about}>
        {`This camera does not tell its lens.${zoomMax ? '' : ' The phone decides its zoom: this browser offers none here.'}${hasTorch ? '' : ' It offers no torch.'}`}
      </Text>
      {zoomMax && (
        <Tape
          scale={DEVICE_ZOOM_SCALE}
          range={{ min: 0, max: Math.floor(clickOfZoom(zoomMax)) }}
          click={Math.min(clickOfZoom(zoomMax), clickOfZoom(crop))}
          held={crop > 1}
          step={1}
          releasable
          atEnd={false}
          tag=""
          onChange={(click) => change({ crop: zoomOfClick(click) })}
          onRelease={() => change({ crop: 1 })}
        />
      )}
      {hasTorch && <TorchChoice torch={torch} />}
      <FlashChoice />
    </>
  );
}

function TorchChoice({ torch }: { torch: boolean }) {
  return (
    <Choice
      label="Torch"
      options={[
        { value: false, label: 'off', name: 'Torch off' },
        { value: true, label: 'on', name: 'Torch on' },
      ]}
      value={torch}
      onChoose={(on) => change({ torch: on })}
    />
  );
}

function LensAndSupport() {
  const settings = useStore(fieldStore, (s) => s.settings);
  const lenses = useStore(fieldStore, (s) => s.capabilities?.lenses) ?? [];
  const lens = findLens(settings.lens) ?? LENSES[0];
  const focal = lens.focalLength35Mm * settings.crop;
  const shown = settings.crop < 1.02 ? settings.lens : '';
  return (
    <>
      <Choice
        label="Lens"
        options={lenses.map(({ id, label }) => ({ value: id, label, name: `Lens ${label}` }))}
        value={shown}
        onChoose={(id) => change({ lens: id, crop: 1 })}
      />
      <Tape
        scale={ZOOM_SCALE}
        range={ZOOM_CLICKS}
        click={clickOfFocal(focal)}
        held
        step={1}
        releasable={false}
        atEnd={false}
        tag=""
        bands={LENS_BANDS}
        onChange={(click) => session.zoom(focalOfClick(click))}
        onRelease={() => {}}
      />
      <Text style={styles.about}>{cropSentence(settings)}</Text>
      <Choice
        label="Support"
        options={[
          { value: 'hand', label: 'hand-held' },
          { value: 'tripod', label: 'tripod' },
        ]}
        value={settings.support}
        onChoose={(support) => change({ support: support as Settings['support'] })}
      />
      <Choice
        label="Stabiliser, stops"
        options={Array.from({ length: MAX_STABILISER_STOPS + 1 }, (_, stops) => ({
          value: stops,
          label: stops === 0 ? 'off' : `${stops}`,
          name: stops === 0 ? 'Stabiliser off' : `Stabiliser ${stops} stops`,
        }))}
        value={settings.stabiliserStops}
        onChoose={(stabiliserStops) => change({ stabiliserStops })}
      />
    </>
  );
}

/** "The whole sensor: 12 MP." or what a crop leaves of it. */
function cropSentence({ crop, sizeMp }: Settings): string {
  if (crop < 1.02) return `The whole sensor: ${sizeMp} MP.`;
  return `Crop ${crop.toFixed(1)}×: ${(sizeMp / (crop * crop)).toFixed(1)} of ${sizeMp} MP are left.`;
}

function LightAndSubject() {
  const settings = useStore(fieldStore, (s) => s.settings);
  const leads = useStore(readingsStore, (r) =>
    r?.timeClick == null ? '' : filterSentence(settings, r.timeClick),
  );
  return (
    <>
      <Tape
        scale={FILTER_SCALE}
        range={FILTER_CLICKS}
        click={settings.filterStops}
        held={settings.filterStops > 0}
        step={1}
        releasable
        atEnd={false}
        tag="stops"
        onChange={(filterStops) => change({ filterStops })}
        onRelease={() => change({ filterStops: 0 })}
      />
      <Text style={[styles.about, styles.leads]}>{leads}</Text>
      <TorchChoice torch={settings.torch} />
      <FlashChoice />
      <Choice
        label="Subject"
        options={SUBJECT_PACES.map((pace) => ({
          value: pace,
          label: pace === 'scene' ? 'as the place' : pace,
        }))}
        value={settings.subject}
        onChoose={(subject) => change({ subject })}
      />
      <Choice
        label="Lamps’ mains"
        options={[
          { value: 50 as number, label: '50 Hz' },
          { value: 60 as number, label: '60 Hz' },
        ]}
        value={settings.mainsHz}
        onChoose={(hz) => change({ mainsHz: hz === 60 ? 60 : 50 })}
      />
    </>
  );
}

/** What the filter makes of the time: "6 stops: 1/125 s becomes 1/2 s." */
function filterSentence({ filterStops, time }: Settings, timeClick: number): string {
  if (filterStops === 0) return 'Each stop of filter doubles the time.';
  const stops = FILTER_SCALE.speak(filterStops);
  if (time.mode === 'held') return `${stops} less light; Time is set, so ISO makes up for it.`;
  const without = nominalTime(timeClick - 3 * filterStops);
  return `${stops}: ${without} s becomes ${nominalTime(timeClick)} s at the same ISO.`;
}

const COMP_STEPS = [
  { value: 1 as number, label: '1/3 stop' },
  { value: 1.5 as number, label: '1/2 stop' },
  { value: 3 as number, label: '1 stop' },
];

function CompSteps() {
  const preferences = useStore(fieldStore, (s) => s.preferences);
  return (
    <Choice
      label="Steps of Comp"
      options={COMP_STEPS}
      value={preferences.compStepClicks}
      onChoose={(step) => {
        changePreferences({ compStepClicks: step as Preferences['compStepClicks'] });
      }}
    />
  );
}

const styles = StyleSheet.create({
  // Two lines, whatever is read: what is under it keeps its place.
  leads: { minHeight: 38 },
  browser: { gap: 6 },
  head: { fontFamily: FONT.semibold, fontSize: typePx(15), color: COLOUR.light },
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
});
