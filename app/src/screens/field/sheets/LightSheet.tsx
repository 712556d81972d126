import { useEffect, useRef, useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { CLICKS_PER_STOP, formatSignedThirds } from '@velmo/core/exposure';
import type { SeriesOutcome } from '../../../camera/device/calibration';
import { UNKNOWN_LIGHT, type CameraLight } from '../../../storage/kept/cameraLight';
import { Button } from '../../../instruments/Button';
import { Sheet } from '../../../instruments/Sheet';
import { EV_CLICKS, EV_SCALE } from '../../../instruments/tape/evScale';
import { Tape } from '../../../instruments/tape/Tape';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { session } from '../session/fieldSession';
import { closeSheet, fieldStore, readingsStore, openNote } from '../session/fieldState';
import { noteOfSheet } from '../words/noteTopics';
import {
  agreeWithMeter,
  evClickNow,
  recoverLight,
  setLight,
  takeGreyCard,
} from '../commands/lightCommands';

const OUTCOMES: Readonly<Record<SeriesOutcome, string>> = {
  found: 'Measured: the ladder is in true stops now, and the histogram stands on linear light.',
  unchanged:
    'Refused: the picture did not follow the exposure. The camera says it takes it, and does not; nothing was kept.',
  narrow:
    'Refused: the pictures show too little between dark and bright. Choose a scene with deep shadow and something bright, and try again.',
  moved:
    'Refused: the pictures do not fit together. The scene or the light changed, or the camera corrected something by itself. Lean the phone on something and try again.',
  stopped: 'Stopped: nothing was kept.',
};

const SERIES_BY = { time: 'shutter times', comp: 'compensations' } as const;

/**
 * How the light of a camera that shows only pictures is made true: by a guided series, a grey card,
 * another meter.
 */
export function LightSheet() {
  const light = useStore(fieldStore, (s) => s.light);
  return (
    <Sheet
      title="Light of this camera"
      onClose={closeSheet}
      onNote={() => openNote(noteOfSheet('light'))}
    >
      {light ? (
        <>
          <Text style={styles.about}>{stateWords(light)}</Text>
          <GuidedSeries />
          <GreyCard light={light} />
          <OtherMeter light={light} />
          {light !== UNKNOWN_LIGHT && (
            <Button label="Forget this calibration" onPress={() => setLight(() => UNKNOWN_LIGHT)} />
          )}
        </>
      ) : (
        <Text style={styles.about}>
          This camera’s light is computed: there is nothing to calibrate.
        </Text>
      )}
    </Sheet>
  );
}

function stateWords({ response, measuredAt }: CameraLight): string {
  if (!response)
    return 'Estimated: the camera’s pictures are taken to follow the sRGB curve. Stops may be wrong where the phone brightens or flattens its picture.';
  const day = new Date(measuredAt ?? 0).toLocaleDateString('en-GB', { dateStyle: 'medium' });
  return `Measured by a guided series on ${day}: stops are true between about code 13 and 242 of its pictures. Kept for this camera on this device.`;
}

function GuidedSeries() {
  const series = session.camera?.calibration?.series;
  const [share, setShare] = useState<number | null>(null);
  const [outcome, setOutcome] = useState<SeriesOutcome | null>(null);
  const stop = useRef<AbortController | null>(null);
  // Closing the sheet ends the series: the tapes are needed again.
  useEffect(() => () => stop.current?.abort(), []);
  if (!series) return null;
  if ('refused' in series) return <Text style={styles.about}>{series.refused}</Text>;
  const start = async (): Promise<void> => {
    const abort = new AbortController();
    stop.current = abort;
    setOutcome(null);
    setShare(0);
    const ended = await recoverLight(setShare, abort.signal);
    setOutcome(ended);
    setShare(null);
    stop.current = null;
  };
  const running = share !== null;
  return (
    <View style={styles.part}>
      <Text style={styles.head}>Guided series</Text>
      {!outcome && (
        <Text style={styles.about}>
          {`Lean the phone on something, at a scene with deep shadow and something bright, where nothing moves and the light stays. Velmo takes up to eleven pictures at different ${SERIES_BY[series.by]} and works out the camera’s curve (Debevec and Malik).`}
        </Text>
      )}
      {outcome && (
        <Text style={styles.outcome} role="status" testID="series-outcome">
          {OUTCOMES[outcome]}
        </Text>
      )}
      {running ? (
        <View style={styles.row}>
          <View
            style={styles.track}
            role="progressbar"
            aria-label="Guided series"
            aria-valuenow={Math.round(100 * share)}
          >
            <View style={[styles.done, { width: `${100 * share}%` }]} />
          </View>
          <Button label="Stop" onPress={() => stop.current?.abort()} />
        </View>
      ) : (
        <Button label="Start the series" onPress={() => void start()} />
      )}
    </View>
  );
}

function GreyCard({ light }: { light: CameraLight }) {
  const clicks = Math.round(light.greyStops * CLICKS_PER_STOP);
  return (
    <View style={styles.part}>
      <Text style={styles.head}>Grey card</Text>
      <Text style={styles.about}>
        {`Point the meter at a grey card in the light you work in: what it reads becomes mid-grey. Now ${
          clicks === 0 ? 'not moved' : `moved by ${formatSignedThirds(clicks)}`
        }.`}
      </Text>
      <View style={styles.row}>
        <Button label="This is a grey card" onPress={takeGreyCard} />
        {clicks !== 0 && (
          <Button
            label="Undo"
            name="Undo the grey card"
            onPress={() => setLight((now) => ({ ...now, greyStops: 0 }))}
          />
        )}
      </View>
    </View>
  );
}

function OtherMeter({ light }: { light: CameraLight }) {
  const [asked, setAsked] = useState<number | null>(null);
  const ev = useStore(readingsStore, evClickNow);
  const click = Math.min(EV_CLICKS.max, Math.max(EV_CLICKS.min, asked ?? ev ?? 0));
  return (
    <View style={styles.part}>
      <Text style={styles.head}>Another meter</Text>
      {ev !== null ? (
        <>
          <Text style={styles.about}>
            Meter the same thing with it at ISO 100, and set what it says. From then on the light is
            told as EV.
          </Text>
          <Tape
            scale={EV_SCALE}
            range={EV_CLICKS}
            click={click}
            held
            step={1}
            releasable={false}
            atEnd={false}
            tag=""
            onChange={setAsked}
            onRelease={() => {}}
          />
          <View style={styles.row}>
            <Button
              label={`It says ${EV_SCALE.readout(click)}`}
              onPress={() => {
                agreeWithMeter(click / CLICKS_PER_STOP);
                setAsked(null);
              }}
            />
            {light.evOffset !== null && (
              <Button
                label="Undo"
                name="Undo the other meter"
                onPress={() => setLight((now) => ({ ...now, evOffset: null }))}
              />
            )}
          </View>
        </>
      ) : (
        <Text style={styles.about}>
          This camera does not tell the time and ISO it exposes with: its light cannot be told as
          EV.
        </Text>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  head: { fontFamily: FONT.semibold, fontSize: typePx(16), color: COLOUR.light },
  outcome: {
    fontFamily: FONT.medium,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.light,
  },
  part: { gap: 6, paddingTop: 6, borderTopWidth: 1, borderTopColor: COLOUR.line },
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  track: { flexGrow: 1, height: 10, borderRadius: 5, backgroundColor: COLOUR.body },
  done: { height: 10, borderRadius: 5, backgroundColor: COLOUR.paper },
});
