import { useEffect, useState } from 'react';
import { StyleSheet, Text, useWindowDimensions, View } from 'react-native';
import { ExposeBar } from '../../instruments/ExposeBar';
import { Window } from '../../instruments/Window';
import { useFrameAdded } from '../../rolls/frameQueries';
import { useStore } from '../../state/store';
import { COLOUR, FONT } from '../../theme/theme';
import { CameraSheet } from './CameraSheet';
import { FieldLadder, FieldVerdict } from './FieldInstruments';
import { attachCanvas, exposeFrame, setView, whenStored } from './fieldSession';
import { fieldStore } from './fieldState';
import { FilmStrip, LastFrame } from './LastFrame';
import { measureField, type FieldMeasures } from './layout';
import { NoticeLine } from './NoticeLine';
import { Refusal } from './Refusal';
import { StatusLine } from './StatusLine';
import { Tapes } from './Tapes';
import { useOpening } from './useOpening';

const LIVE_LONG_PX = 640;

/** Where pictures are taken: Window, Ladder, Verdict, tapes, Expose. */
export function FieldScreen() {
  const { width, height } = useWindowDimensions();
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  const marks = useStore(fieldStore, (s) => s.marks && !s.bare);
  const [sheet, setSheet] = useState(false);
  const frameAdded = useFrameAdded();
  useOpening();
  useEffect(() => whenStored(frameAdded), [frameAdded]);

  const tapes = capabilities
    ? [capabilities.time, capabilities.iso, capabilities.compensation].filter(Boolean).length
    : 3;
  const m = measureField(width, height, tapes);
  const { upright, pictureWidth, pictureHeight } = m;
  useEffect(() => {
    setView({ upright, marks, scale: Math.max(pictureWidth, pictureHeight) / LIVE_LONG_PX });
  }, [upright, marks, pictureWidth, pictureHeight]);

  const controls = (
    <>
      <NoticeLine />
      {sheet ? (
        <CameraSheet onClose={() => setSheet(false)} />
      ) : (
        <>
          <FieldVerdict />
          <Tapes />
          <DeviceDecides />
        </>
      )}
      <BottomBar />
    </>
  );
  const status = <StatusLine onChooseCamera={() => setSheet((open) => !open)} />;
  if (m.layout === 'phone')
    return (
      <View style={styles.phone} role="main">
        {status}
        <PictureArea m={m} />
        <View style={styles.controls}>{controls}</View>
      </View>
    );
  return (
    <View style={styles.screen} role="main">
      {m.layout === 'wide' && status}
      <View style={styles.beside}>
        <View>
          <PictureArea m={m} />
          {m.layout === 'wide' && <FilmStrip />}
        </View>
        <View style={[styles.column, { width: m.columnWidth }]}>
          {m.layout === 'side' && status}
          {controls}
        </View>
      </View>
    </View>
  );
}

function PictureArea({ m }: { m: FieldMeasures }) {
  const phase = useStore(fieldStore, (s) => s.phase);
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  const { pictureWidth: width, pictureHeight: height } = m;
  if (phase === 'refused')
    return <Refusal width={m.ladderOver ? width : width + m.ladderWidth} height={height} />;
  return (
    <View style={styles.picture}>
      <Window
        width={width}
        height={height}
        source={capabilities}
        label={capabilities ? `Live picture. ${capabilities.notice}` : 'The camera is starting'}
        attach={attachCanvas}
        onHold={showBare}
      />
      <View style={m.ladderOver && [styles.over, { left: width - m.ladderWidth }]}>
        <FieldLadder width={m.ladderWidth} height={height} />
      </View>
    </View>
  );
}

const showBare = (bare: boolean): void => fieldStore.update((s) => ({ ...s, bare }));

/** Says in words which controls the camera keeps to itself. */
function DeviceDecides() {
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  if (!capabilities) return null;
  const missing = [
    capabilities.time ? null : 'Time',
    capabilities.iso ? null : 'ISO',
    capabilities.compensation ? null : 'Comp',
  ].filter((name) => name !== null);
  if (missing.length === 0) return null;
  return (
    <Text style={styles.decides}>
      {missing.join(', ')}: this camera decides; its browser offers no control.
    </Text>
  );
}

function BottomBar() {
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  const sizeMp = useStore(fieldStore, (s) => s.settings.sizeMp);
  const pending = useStore(fieldStore, (s) => s.pending);
  const progress = useStore(fieldStore, (s) => s.progress);
  const ready = useStore(fieldStore, (s) => s.phase === 'ready');
  const size = capabilities && capabilities.sizesMp.length > 0 ? ` · ${sizeMp} MP` : '';
  return (
    <View style={styles.bottom}>
      <LastFrame />
      <ExposeBar
        will={`${capabilities?.files ?? 'no camera'}${size} · 1 frame`}
        progress={progress}
        pending={pending}
        disabled={!ready || pending >= 3}
        onExpose={() => void exposeFrame()}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  phone: { flex: 1, backgroundColor: COLOUR.body, alignItems: 'center' },
  screen: { flex: 1, backgroundColor: COLOUR.body },
  beside: { flex: 1, flexDirection: 'row', gap: 6 },
  column: { flex: 1, gap: 6, paddingRight: 6 },
  controls: { alignSelf: 'stretch', gap: 6, paddingHorizontal: 6, paddingTop: 6, flex: 1 },
  picture: { flexDirection: 'row' },
  over: { position: 'absolute', top: 0 },
  bottom: { flexDirection: 'row', gap: 8 },
  decides: {
    fontFamily: FONT.regular,
    fontSize: 15,
    lineHeight: 20,
    color: COLOUR.lightSoft,
    padding: 6,
  },
});
