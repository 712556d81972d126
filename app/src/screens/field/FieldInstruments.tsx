import { useCallback, useMemo, useRef } from 'react';
import { Pressable, StyleSheet, Text, View } from 'react-native';
import { freeControl } from '@velmo/core/settings';
import { ALL_IN_RANGE, type Finding } from '@velmo/core/verdict';
import { useHand } from '../../instruments/tape/hand';
import { Ladder } from '../../instruments/ladder/Ladder';
import type { HistogramLook, LadderReading } from '../../instruments/ladder/LadderHistogram';
import { LadderPin } from '../../instruments/ladder/LadderPin';
import { PictureHistogram } from '../../instruments/ladder/PictureHistogram';
import { Verdict } from '../../instruments/Verdict';
import { useLiveWords } from './words/liveWords';
import { useStore } from '../../state/store';
import { useFindings } from './words/findingsNow';
import { COLOUR, FONT, TARGET, typePx } from '../../theme/theme';
import type { Readings } from '../../camera/device/readings';
import { FlashOnLadder } from './FlashOnLadder';
import { useNewestFrames } from '../../storage/frames/frameQueries';
import { why } from './commands/askWhy';
import { DrillVerdict } from './drill/DrillVerdict';
import { drillStore } from './session/drilling';
import { appliedKitStore } from './session/appliedKit';
import { session } from './session/fieldSession';
import { fieldStore, openNote, readingsStore, toggleSheet, type Pin } from './session/fieldState';
import { noteOfFinding } from './words/noteTopics';
import { highlightText, pinText } from './words/readingsText';

/** Readings as the ladder wants them. */
function listenToReadings(listener: (reading: LadderReading) => void): () => void {
  const pass = (): void => {
    const readings = readingsStore.get();
    if (readings) listener(readings);
  };
  pass();
  return readingsStore.subscribe(pass);
}

/** Width of the JPEG's histogram over the picture's edge. */
export const PICTURE_HISTOGRAM_PX = 60;

const ladderWords = (readings: Readings | null): string =>
  readings
    ? `${highlightText(readings)}${readings.estimated ? ', estimated' : ''}`
    : 'no reading yet';

/** The ladder of Field: lives on the readings, moves the exposure, carries the pins. */
export function FieldLadder({ width, height: whole }: { width: number; height: number }) {
  const height = whole - TARGET;
  const clipStops = useStore(readingsStore, (r) => r?.clipStops ?? 2.96);
  const floorStops = useStore(readingsStore, (r) => Math.round((r?.floorStops ?? -8) * 20) / 20);
  const estimated = useStore(readingsStore, (r) => r?.estimated ?? false);
  const host = useRef<View>(null);
  useLiveWords(host, readingsStore, ladderWords, 'aria-valuetext');
  const moves = useStore(fieldStore, (s) =>
    s.capabilities ? freeControl(s.settings, s.capabilities) : null,
  );
  const pins = useStore(fieldStore, (s) => s.pins);
  const { rawHistogram, logHeight } = useStore(fieldStore, (s) => s.preferences.monitors);
  const look: HistogramLook | null = useMemo(
    () =>
      rawHistogram === 'off' ? null : { size: rawHistogram, scale: logHeight ? 'log' : 'linear' },
    [rawHistogram, logHeight],
  );
  return (
    <View {...why('ladder')}>
      <Ladder
        width={width}
        height={height}
        clipStops={clipStops}
        floorStops={floorStops}
        subscribe={listenToReadings}
        host={host}
        onNudge={moves ? session.changeExposure : undefined}
        moves={moves}
        estimated={estimated}
        look={look}
      >
        {moves &&
          pins.map((pin, index) => (
            <PinOnLadder key={pin.number} pin={pin} index={index} height={height} />
          ))}
        <FlashOnLadder height={height} />
      </Ladder>
      <MarksButton width={width} />
    </View>
  );
}

/** At the ladder's foot: what is marked on the picture, and what stands on the ladder. */
function MarksButton({ width }: { width: number }) {
  const open = useStore(fieldStore, (s) => s.sheet === 'marks');
  return (
    <Pressable
      role="button"
      aria-label="marks ▾ and histograms"
      aria-expanded={open}
      onPress={() => toggleSheet('marks')}
      style={[styles.marks, { width }]}
    >
      <Text style={styles.marksText}>marks ▾</Text>
    </Pressable>
  );
}

/** Readings as the JPEG's histogram wants them. */
function listenToPicture(listener: (histogram: Int32Array) => void): () => void {
  const pass = (): void => {
    const picture = readingsStore.get()?.picture;
    if (picture) listener(picture.histogram);
  };
  pass();
  return readingsStore.subscribe(pass);
}

/** The JPEG's histogram, beside the ladder where it is wanted. */
export function FieldPictureHistogram({ height }: { height: number }) {
  const { pictureHistogram, logHeight } = useStore(fieldStore, (s) => s.preferences.monitors);
  if (!pictureHistogram) return null;
  return (
    <PictureHistogram
      width={PICTURE_HISTOGRAM_PX}
      height={height}
      scale={logHeight ? 'log' : 'linear'}
      of="JPEG"
      subscribe={listenToPicture}
    />
  );
}

function PinOnLadder({ pin, index, height }: { pin: Pin; index: number; height: number }) {
  const subscribe = useCallback(
    (listener: (stops: number) => void) => {
      const pass = (): void => {
        const reading = readingsStore.get()?.pins[index];
        if (reading) listener(reading.stops);
      };
      pass();
      return readingsStore.subscribe(pass);
    },
    [index],
  );
  const words = useCallback(
    (readings: Readings | null): string => {
      const reading = readings?.pins[index];
      if (!reading) return 'not read yet';
      const { tone, room } = pinText(reading);
      return `${tone} stops from mid-grey, ${room}`;
    },
    [index],
  );
  const host = useRef<View>(null);
  useLiveWords(host, readingsStore, words, 'aria-valuetext');
  return (
    <LadderPin
      number={pin.number}
      height={height}
      subscribe={subscribe}
      host={host}
      onPlace={session.changeExposure}
    />
  );
}

const list = (): void => toggleSheet('verdict');

/** Findings that the kit in use does not mean to have, and what it means, in words. */
function useUnmeant(): { readonly findings: readonly Finding[]; readonly fine: string } {
  const all = useFindings();
  const kit = useStore(appliedKitStore, (applied) => applied);
  const unchanged = useStore(fieldStore, (s) => s.settings === kit?.after.settings);
  const meant = kit && unchanged ? kit.meant : {};
  const words = all.flatMap(({ id }) => meant[id] ?? []);
  return {
    findings: all.filter(({ id }) => !(id in meant)),
    fine: [ALL_IN_RANGE, ...words].join(' '),
  };
}

/** Said beside a verdict without a finding for as long as no frame has ever been made. */
const FIRST_FRAME = 'Press Expose for your first frame.';

/** The verdict of Field. */
export function FieldVerdict({ height }: { height: number }) {
  const { findings, fine } = useUnmeant();
  const isLeft = useHand() === 'left';
  const refused = useStore(fieldStore, (s) => s.phase === 'refused');
  const settings = useStore(fieldStore, (s) => s.settings);
  // What a try was worth stands until something is changed for the next.
  const outcome = useStore(drillStore, (d) => (d?.settings === settings ? d.outcome : null));
  const picks = useStore(drillStore, (d) => d?.picks ?? false);
  const hint = useNewestFrames().data?.total === 0 ? FIRST_FRAME : undefined;
  return (
    <View style={[styles.verdict, isLeft && styles.reversed]}>
      <View style={styles.line} {...why('verdict')}>
        {outcome ? (
          <DrillVerdict height={height} outcome={outcome} picks={picks} />
        ) : (
          <Verdict
            height={height}
            idle={refused ? 'No camera: there is no picture to judge.' : undefined}
            finding={findings[0] ?? null}
            fine={fine}
            more={Math.max(0, findings.length - 1)}
            onRepair={session.applyRepair}
            onList={list}
            onWhy={() => openNote(noteOfFinding(findings[0].id), 'verdict')}
            hint={hint}
          />
        )}
      </View>
      <KitsButton />
    </View>
  );
}

/** What is wrong is said beside it; what is wanted is begun here. */
function KitsButton() {
  const open = useStore(fieldStore, (s) => s.sheet === 'kits');
  return (
    <Pressable
      role="button"
      aria-expanded={open}
      onPress={() => toggleSheet('kits')}
      style={styles.kits}
    >
      <Text style={styles.marksText}>{'kits ▾'}</Text>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  marks: {
    height: TARGET,
    justifyContent: 'center',
    alignItems: 'center',
    backgroundColor: 'rgba(31,31,31,0.85)',
    borderTopWidth: 1,
    borderTopColor: COLOUR.line,
  },
  verdict: { flexDirection: 'row', gap: 4 },
  reversed: { flexDirection: 'row-reverse' },
  line: { flex: 1 },
  kits: {
    width: 52,
    justifyContent: 'center',
    alignItems: 'center',
    borderWidth: 1,
    borderColor: COLOUR.lightSoft,
    borderRadius: 6,
  },
  marksText: { fontFamily: FONT.medium, fontSize: typePx(14), color: COLOUR.light },
});
