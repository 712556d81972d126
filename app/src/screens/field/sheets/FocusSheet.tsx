import { useEffect } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { DEPTH_LOOKS, PEAKING_COLOURS, PEAKING_STRENGTHS, PEAKING_WHEN } from '@velmo/core/monitor';
import { DISTANCE_UNITS, distanceOf, formatDistance, formatZone } from '@velmo/core/optics';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { Sheet } from '../../../instruments/Sheet';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import {
  dioptresNow,
  findFocus,
  focusControl,
  followFocus,
  holdFocus,
  holdFocusHere,
  toHyperfocal,
} from '../commands/focusCommands';
import {
  closeSheet,
  fieldStore,
  readingsStore,
  showDepth,
  toggleSheet,
  openNote,
} from '../session/fieldState';
import { noteOfSheet } from '../words/noteTopics';
import { activate } from '../commands/activeTape';
import { toggleLoupe } from '../window/loupeView';
import { changeFocusing, changeMonitors } from '../session/preferencesNow';

const named = <T extends string>(values: readonly T[], what: string) =>
  values.map((value) => ({ value, label: value, name: `${what}: ${value}` }));
const onOff = (what: string) => [
  { value: true, label: 'on', name: `${what}: on` },
  { value: false, label: 'off', name: `${what}: off` },
];

/** "Focus · 0.8 m · sharp 0.62 to 1.1 m" as far as the camera tells. */
function title(): string {
  const state = fieldStore.get();
  const control = focusControl(state);
  const dioptres = dioptresNow();
  if (!control || dioptres === null || control.steps) return 'Focus';
  const { unit } = state.preferences.focusing;
  const zone = control.zoneOf(dioptres);
  const words = ['Focus', formatDistance(distanceOf(dioptres), unit)];
  if (zone) words.push(`sharp ${formatZone(zone.nearM, zone.farM, unit)}`);
  return words.join(' · ');
}

/** Focus in full: who moves it, marks and loupe to judge it by, and what depth looks like. */
export function FocusSheet() {
  useStore(fieldStore, title);
  const words = useStore(readingsStore, title);
  const hasDepth = useStore(fieldStore, (s) => s.capabilities?.hasDepth ?? false);
  useEffect(() => activate('focus'), []);
  return (
    <Sheet title={words} onClose={closeSheet} onNote={() => openNote(noteOfSheet('focus'))}>
      <WhoFocuses />
      <Edges />
      <LoupeChoices />
      {hasDepth ? (
        <DepthLooks />
      ) : (
        <Text style={styles.about}>
          This camera does not tell how far things are, so depth cannot be shown.
        </Text>
      )}
      <Habits />
    </Sheet>
  );
}

function WhoFocuses() {
  const focus = useStore(fieldStore, (s) => s.settings.focus);
  const control = useStore(fieldStore, (s) => s.capabilities);
  const settings = useStore(fieldStore, (s) => s.settings);
  const unit = useStore(fieldStore, (s) => s.preferences.focusing.unit);
  const { range, hyperfocalM, steps } = control?.focus(settings) ?? {};
  const who = focus.mode === 'held' ? 'held' : focus.follow ? 'follows' : 'once';
  return (
    <>
      <Choice
        label="Focus"
        unlabelled
        options={[
          { value: 'follows', label: 'auto, follows', name: 'Focus: auto, follows' },
          { value: 'once', label: 'auto, once', name: 'Focus: auto, once' },
          { value: 'held', label: 'set here', name: 'Focus: set here' },
        ]}
        value={who}
        onChoose={(value) => {
          if (value === 'held') holdFocusHere();
          else followFocus(value === 'follows');
        }}
      />
      <View style={styles.row}>
        {range && hyperfocalM != null && (
          <Button
            label={`Set to hyperfocal · ${formatDistance(hyperfocalM, unit)}`}
            onPress={toHyperfocal}
          />
        )}
        {range && !steps && <Button label="Set to ∞" onPress={() => holdFocus(0)} />}
        <Button label="Find again" onPress={findFocus} />
        <Button label="Depth helper ▾" onPress={() => toggleSheet('depth')} />
      </View>
      <Text style={styles.about}>
        With Focus in hand, or nothing, a tap on the picture focuses there. At the hyperfocal
        distance everything from half of it to the horizon is sharp.
      </Text>
    </>
  );
}

function Edges() {
  const { peaking, peakingStrength, peakingColour } = useStore(
    fieldStore,
    (s) => s.preferences.monitors,
  );
  return (
    <>
      <Choice
        label="Focus peaking"
        options={named(PEAKING_WHEN, 'Focus peaking')}
        value={peaking}
        onChoose={(value) => changeMonitors({ peaking: value })}
      />
      <Choice
        label="marks"
        options={PEAKING_STRENGTHS.map((value) => ({
          value,
          label: { low: 'few', medium: 'more', high: 'most' }[value],
          name: `Edges marked: ${{ low: 'few', medium: 'more', high: 'most' }[value]}`,
        }))}
        value={peakingStrength}
        onChoose={(value) => changeMonitors({ peakingStrength: value })}
      />
      <Choice
        label="in"
        options={named(PEAKING_COLOURS, 'Edges in')}
        value={peakingColour}
        onChoose={(value) => changeMonitors({ peakingColour: value })}
      />
    </>
  );
}

function LoupeChoices() {
  const { loupeZoom, loupeWithFocus } = useStore(fieldStore, (s) => s.preferences.focusing);
  const open = useStore(fieldStore, (s) => s.loupe !== null);
  return (
    <>
      <View style={styles.row}>
        <Button label="Loupe" pressed={open} onPress={toggleLoupe} />
        <Choice
          label="Loupe at"
          unlabelled
          options={[
            { value: 1 as number, label: '100 %', name: 'Loupe at 100 %' },
            { value: 2 as number, label: '200 %', name: 'Loupe at 200 %' },
          ]}
          value={loupeZoom}
          onChoose={(zoom) => changeFocusing({ loupeZoom: zoom === 2 ? 2 : 1 })}
        />
      </View>
      <Choice
        label="Loupe while Focus turns"
        options={onOff('Loupe while Focus turns')}
        value={loupeWithFocus}
        onChoose={(value) => changeFocusing({ loupeWithFocus: value })}
      />
    </>
  );
}

function DepthLooks() {
  const depth = useStore(fieldStore, (s) => s.depth);
  return (
    <>
      <Choice
        label="Depth view"
        options={DEPTH_LOOKS.map((value) => ({
          value,
          label: { off: 'off', zone: 'what is sharp', distance: 'distances' }[value],
          name: `Depth view: ${{ off: 'off', zone: 'what is sharp', distance: 'distances' }[value]}`,
        }))}
        value={depth}
        onChoose={showDepth}
      />
      {depth !== 'off' && (
        <Text style={styles.about}>
          {depth === 'zone'
            ? 'In grey under slanting stripes: nearer than the sharp zone. Under level lines: farther.'
            : 'Light is near, dark is far; a contour at 1/4, 1/2, 1, 2, 4 … m; violet: the sharp zone’s limits.'}
        </Text>
      )}
    </>
  );
}

function Habits() {
  const { unit, beforeCapture } = useStore(fieldStore, (s) => s.preferences.focusing);
  return (
    <>
      <Choice
        label="Focus before capture"
        options={onOff('Focus before capture')}
        value={beforeCapture}
        onChoose={(value) => changeFocusing({ beforeCapture: value })}
      />
      <Choice
        label="Distances in"
        options={named(DISTANCE_UNITS, 'Distances in')}
        value={unit}
        onChoose={(value) => changeFocusing({ unit: value })}
      />
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
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
});
