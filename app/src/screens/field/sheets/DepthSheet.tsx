import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import {
  depthFacts,
  dioptresOf,
  distanceOf,
  findLens,
  formatDistance,
  formatZone,
  LENSES,
  METRES_A_FOOT,
  sameSizeDistanceM,
  type DepthSetup,
  type DistanceUnit,
} from '@velmo/core/optics';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { Sheet } from '../../../instruments/Sheet';
import { Tape } from '../../../instruments/tape/Tape';
import type { TapeScale } from '../../../instruments/tape/tapeScale';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { dioptresNow } from '../commands/focusCommands';
import { closeSheet, fieldStore, openNote } from '../session/fieldState';
import { noteOfSheet } from '../words/noteTopics';

/** Distances of a subject: twelve detents to a doubling, from 10 cm to 50 m. */
const CLICKS_A_DOUBLING = 12;
const MIN_DISTANCE_M = 0.1;
const SUBJECT_CLICKS = { min: 0, max: CLICKS_A_DOUBLING * 9 } as const;
const distanceOfClick = (click: number): number =>
  MIN_DISTANCE_M * 2 ** (click / CLICKS_A_DOUBLING);
const clickOfDistance = (m: number): number =>
  Math.max(0, Math.min(SUBJECT_CLICKS.max, CLICKS_A_DOUBLING * Math.log2(m / MIN_DISTANCE_M)));

const ENGRAVED: Readonly<Record<DistanceUnit, readonly number[]>> = {
  m: [0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.7, 1, 1.5, 2, 3, 4, 5, 7, 10, 15, 20, 30, 50],
  ft: [0.4, 0.5, 0.7, 1, 1.5, 2, 3, 4, 5, 7, 10, 15, 20, 30, 50, 70, 100, 150],
};

const subjectScale = (unit: DistanceUnit): TapeScale => {
  const words = (click: number): string => formatDistance(distanceOfClick(click), unit);
  return {
    name: 'Subject',
    engrave: words,
    readout: words,
    speak: words,
    majorEvery: CLICKS_A_DOUBLING,
    engraved: ENGRAVED[unit].map((value) => ({
      click: clickOfDistance(unit === 'ft' ? value * METRES_A_FOOT : value),
      text: `${value}`,
    })),
  };
};
const SCALES = { m: subjectScale('m'), ft: subjectScale('ft') };

/** Backgrounds to choose from: how far behind the subject, in metres. */
const BEHIND = [
  { value: 0.5, label: '0.5 m' },
  { value: 2, label: '2 m' },
  { value: 10, label: '10 m' },
  { value: Infinity, label: '∞' },
];

interface Standing {
  readonly lensId: string;
  readonly subjectM: number;
}

const setupOf = ({ lensId, subjectM }: Standing, crop: number, behindM: number): DepthSetup => ({
  lens: findLens(lensId) ?? LENSES[1],
  crop,
  subjectM,
  backgroundM: subjectM + behindM,
});

/**
 * Two set-ups side by side: what depth of field and background become when one steps back and
 * zooms.
 */
export function DepthSheet() {
  const settings = useStore(fieldStore, (s) => s.settings);
  const unit = useStore(fieldStore, (s) => s.preferences.focusing.unit);
  const [here, setHere] = useState<Standing>(() => ({
    lensId: settings.lens,
    subjectM: Math.min(
      50,
      Math.max(MIN_DISTANCE_M, distanceOf(Math.max(dioptresOf(5), dioptresNow() ?? 1))),
    ),
  }));
  const [otherLens, setOtherLens] = useState(settings.lens === 'tele' ? 'main' : 'tele');
  const [behindM, setBehindM] = useState<number>(2);
  const a = setupOf(here, 1, behindM);
  const other = findLens(otherLens) ?? LENSES[2];
  const b = setupOf(
    { lensId: otherLens, subjectM: sameSizeDistanceM(a, { lens: other, crop: 1 }) },
    1,
    behindM,
  );
  return (
    <Sheet
      title="Depth helper: step back and zoom"
      onClose={closeSheet}
      onNote={() => openNote(noteOfSheet('depth'))}
    >
      <Tape
        scale={SCALES[unit]}
        range={SUBJECT_CLICKS}
        click={clickOfDistance(here.subjectM)}
        held
        step={1}
        releasable={false}
        atEnd={false}
        tag="distance"
        onChange={(click) => setHere((s) => ({ ...s, subjectM: distanceOfClick(click) }))}
        onRelease={() => {}}
      />
      <View style={styles.columns}>
        <SetupColumn
          title="Here"
          setup={a}
          unit={unit}
          onLens={(lensId) => setHere((s) => ({ ...s, lensId }))}
        />
        <SetupColumn title="Same size with" setup={b} unit={unit} onLens={setOtherLens} />
      </View>
      <Choice
        label="Background behind it"
        options={BEHIND.map(({ value, label }) => ({
          value,
          label: unit === 'ft' && value < 1e3 ? formatDistance(value, 'ft') : label,
          name: `Background ${label} behind the subject`,
        }))}
        value={behindM}
        onChoose={setBehindM}
      />
      <Text style={styles.about}>{comparison(a, b)}</Text>
      <View style={styles.row}>
        <Button
          label={`Take the ${b.lens.focalLength35Mm} mm to its place`}
          onPress={() => setHere({ lensId: otherLens, subjectM: b.subjectM })}
        />
      </View>
    </Sheet>
  );
}

function SetupColumn({
  title,
  setup,
  unit,
  onLens,
}: {
  title: string;
  setup: DepthSetup;
  unit: DistanceUnit;
  onLens: (lensId: string) => void;
}) {
  const tooNear = setup.subjectM < setup.lens.closestM - 1e-9;
  const facts = depthFacts(setup);
  const rows: [string, string][] = [
    ['distance', formatDistance(setup.subjectM, unit)],
    ['sharp', formatZone(facts.nearM, facts.farM, unit)],
    ['hyperfocal', formatDistance(facts.hyperfocalM, unit)],
    ['shows', formatDistance(facts.fieldM, unit)],
    ['background blur', `${(100 * facts.backgroundBlur).toFixed(1)} %`],
  ];
  return (
    <View style={styles.column}>
      <Text style={styles.title}>{title}</Text>
      <Choice
        label={`Lens, ${title}`}
        unlabelled
        options={LENSES.map((l) => ({
          value: l.id,
          label: `${l.focalLength35Mm}`,
          name: `${title}: ${l.focalLength35Mm} mm`,
        }))}
        value={setup.lens.id}
        onChoose={onLens}
      />
      {rows.map(([name, value]) => (
        <View key={name} style={styles.fact}>
          <Text style={styles.name}>{name}</Text>
          <Text style={styles.value}>{value}</Text>
        </View>
      ))}
      {tooNear && setup.lens.fixedFocusM === null && (
        <Text style={styles.warning}>
          nearer than this lens focuses ({formatDistance(setup.lens.closestM, unit)})
        </Text>
      )}
      {setup.lens.fixedFocusM !== null && (
        <Text style={styles.warning}>
          this lens stays at {formatDistance(setup.lens.fixedFocusM, unit)}; shown as if it focused
        </Text>
      )}
    </View>
  );
}

/** What the second set-up changes, in words. */
function comparison(a: DepthSetup, b: DepthSetup): string {
  const ratio = depthFacts(b).backgroundBlur / Math.max(1e-9, depthFacts(a).backgroundBlur);
  const blur =
    ratio > 1.05
      ? `the background blurs ${ratio.toFixed(1)} times as wide`
      : ratio < 0.95
        ? `the background blurs only ${ratio.toFixed(1)} times as wide`
        : 'the background blurs the same';
  return `The subject is as large with both. With the ${b.lens.focalLength35Mm} mm ${blur}. Blur is the diameter of a point’s disc, in percent of the picture’s long side.`;
}

const styles = StyleSheet.create({
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  columns: { flexDirection: 'row', gap: 12 },
  column: { flex: 1, gap: 3 },
  title: { fontFamily: FONT.semibold, fontSize: typePx(15), color: COLOUR.light },
  fact: { flexDirection: 'row', justifyContent: 'space-between', gap: 6 },
  name: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(20),
    color: COLOUR.lightSoft,
  },
  value: {
    fontFamily: FONT.medium,
    fontSize: typePx(15),
    lineHeight: typePx(20),
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
  warning: {
    fontFamily: FONT.regular,
    fontSize: typePx(14),
    lineHeight: typePx(18),
    color: '#f0dca0',
  },
});
