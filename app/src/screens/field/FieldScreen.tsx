import { useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { ExposeBar } from '../../instruments/ExposeBar';
import { HandContext, useHand } from '../../instruments/tape/hand';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { UNSELECTABLE } from '../../instruments/webStyles';
import { Window } from '../../instruments/window/Window';
import { inTurnWhenIdle } from '../../engine/whenIdle';
import { warmFrameViews } from '../../frame/frameViews';
import { useFrameAdded, useRoom } from '../../storage/frames/frameQueries';
import { warmFrames } from '../../storage/frames/frames';
import { useStore } from '../../state/store';
import { COLOUR, TARGET } from '../../theme/theme';
import {
  FieldLadder,
  FieldPictureHistogram,
  FieldVerdict,
  PICTURE_HISTOGRAM_PX,
} from './FieldInstruments';
import { session } from './session/fieldSession';
import { MAX_PENDING } from './session/shutter';
import { fieldStore, readingsStore, type FieldState } from './session/fieldState';
import { fileWords, isOwnPhoto } from './words/fileWords';
import { FilmStrip, LastFrame } from './LastFrame';
import { measureField, type FieldMeasures } from './layout';
import { NoticeLine } from './NoticeLine';
import { Refusal } from './Refusal';
import { StatusLine } from './StatusLine';
import { Tapes } from './tapes/Tapes';
import { useAwake } from './session/useAwake';
import { useFeedback } from './session/useFeedback';
import { useAskWhy, why } from './commands/askWhy';
import { useKeys } from './commands/useKeys';
import { useNewerVersion } from './session/useNewerVersion';
import { usePosition } from './session/usePosition';
import { useOpening } from './session/link/useOpening';
import { useView } from './window/useView';
import { WINDOW_HANDLERS } from './commands/windowCommands';
import { FieldLoupe } from './window/FieldLoupe';
import { watchFocus } from './commands/focusCommands';
import { AHEAD, OpenSheet } from '../lateScreens';
import { VerdictSheet } from './sheets/VerdictSheet';
import { DrillLine } from './drill/DrillLine';
import { Countdown } from './series/Countdown';
import { GrowingPicture } from './series/GrowingPicture';
import { SeriesBars } from './series/SeriesBars';
import { SeriesButton } from './series/SeriesButton';
import { seriesCount } from './series/seriesCount';
import { useForeseen } from './series/useForeseen';
import { bytesWords, seriesWords, shortWhileWords } from './words/seriesWords';
import { holdAll } from './commands/seriesCommands';
import { WindowMarks } from './window/WindowMarks';

/** Without a picture there is nothing to wait for. */
const NO_PICTURE_MS = 4000;
/** A page that is never idle loads a part as often. */
const AHEAD_MS = 500;

/**
 * What later presses need is loaded while there is a server to load it from: after the first
 * picture, a part at a time, since the first touches come meanwhile.
 */
function loadAhead(): () => void {
  const load = (): void => {
    stop();
    const camera = () => import('../../camera/browser/browserCamera');
    inTurnWhenIdle([warmFrames, ...AHEAD, warmFrameViews, camera], AHEAD_MS);
  };
  const timer = setTimeout(load, NO_PICTURE_MS);
  const leave = readingsStore.subscribe(() => {
    if (readingsStore.get()) load();
  });
  const stop = (): void => {
    clearTimeout(timer);
    leave();
  };
  return stop;
}

/** Where pictures are taken: Window, Ladder, Verdict, tapes, Expose. */
export function FieldScreen() {
  const { width, height } = useScreenRoom();
  const sheet = useStore(fieldStore, (s) => s.sheet);
  const frameAdded = useFrameAdded();
  useOpening();
  useKeys();
  useAskWhy();
  useAwake();
  useFeedback();
  usePosition();
  useEffect(() => {
    session.shutter.onStored = frameAdded;
  }, [frameAdded]);
  useEffect(loadAhead, []);
  useEffect(watchFocus, []);
  useNewerVersion();
  const room = useRoom().data ?? null;
  useEffect(() => fieldStore.update((s) => ({ ...s, room })), [room]);

  const screen = useStore(fieldStore, (s) => s.preferences.screen);
  const m = measureField(width, height, screen);
  useView(m);

  // Where there is room for both, a sheet lies under the tapes, and the whole verdict when none is
  // open.
  const roomy = m.layout === 'wide';
  const open = sheet && (sheet === 'verdict' ? <VerdictSheet /> : <OpenSheet sheet={sheet} />);
  const controls = (
    <HandContext value={screen.hand}>
      <NoticeLine inset={m.layout === 'phone' ? m.gap : 0} height={m.verdictHeight} />
      {open && !roomy ? (
        open
      ) : (
        <>
          <FieldVerdict height={m.verdictHeight} />
          <Tapes height={m.tapeHeight} gap={m.gap} />
        </>
      )}
      <BottomBar height={m.barHeight} />
      {roomy && (open ?? <VerdictSheet />)}
    </HandContext>
  );
  // One tree for every layout: a phone that is turned keeps its picture and what the keys are on.
  const isPhone = m.layout === 'phone';
  return (
    <View style={[styles.screen, UNSELECTABLE]} role="main">
      {m.statusOn === 'screen' && <StatusLine width={width} />}
      <View style={isPhone ? styles.under : [styles.beside, m.mirrored && styles.reversed]}>
        <View style={m.layout === 'side' && { width: m.pictureWidth }}>
          {m.statusOn === 'picture' && <StatusLine width={m.pictureWidth} />}
          <PictureArea m={m} />
          {m.layout === 'wide' && (
            <FilmStrip height={m.stripHeight} width={m.pictureWidth + m.ladderWidth} />
          )}
        </View>
        <View
          style={
            isPhone
              ? styles.columnUnder
              : [styles.column, m.mirrored && styles.columnLeft, { width: m.columnWidth }]
          }
        >
          {m.statusOn === 'column' && <StatusLine width={m.columnWidth} />}
          <View style={[styles.controls, { gap: m.gap, padding: isPhone ? m.gap : 0 }]}>
            {controls}
          </View>
        </View>
      </View>
    </View>
  );
}

function PictureArea({ m }: { m: FieldMeasures }) {
  const phase = useStore(fieldStore, (s) => s.phase);
  const opened = useStore(fieldStore, (s) => (s.phase === 'ready' ? s.opened : 0));
  const notice = useStore(fieldStore, (s) => s.capabilities?.notice);
  const busy = useStore(readingsStore, (r) => r?.refined !== true);
  const beside = useStore(fieldStore, (s) => s.preferences.monitors.pictureHistogram);
  const { pictureWidth: width, pictureHeight: height, mirrored } = m;
  const over = m.ladderOver ? m.ladderWidth : 0;
  if (phase === 'refused') return <Refusal width={width + m.ladderWidth - over} height={height} />;
  return (
    <View style={[styles.picture, mirrored && styles.reversed]}>
      <Window
        width={width}
        height={height}
        source={opened}
        busy={busy}
        label={notice ? `Live picture. ${notice}` : 'The camera is starting'}
        attach={session.attachCanvas}
        take={session.takeCanvas}
        handlers={WINDOW_HANDLERS}
      >
        <WindowMarks
          width={width}
          height={height}
          covered={over + (beside ? PICTURE_HISTOGRAM_PX : 0)}
          mirrored={mirrored}
        />
        <FieldLoupe
          left={mirrored ? over : 0}
          width={width - over}
          source={opened}
          attach={session.attachLoupe}
        />
      </Window>
      <View
        style={[
          styles.jpeg,
          mirrored ? [styles.reversed, { left: m.ladderWidth }] : { right: m.ladderWidth },
        ]}
      >
        <FieldPictureHistogram height={height} />
        <SeriesBars height={height - TARGET} />
      </View>
      <GrowingPicture width={width} height={height} />
      <Countdown width={width} height={height} />
      <DrillLine left={mirrored ? over : 0} width={width - over} />
      <View style={m.ladderOver && [styles.over, { left: mirrored ? 0 : width - m.ladderWidth }]}>
        <FieldLadder width={m.ladderWidth} height={height} />
      </View>
    </View>
  );
}

/** What a press on Expose will make. */
function willWords({ settings, capabilities }: FieldState): string {
  const size = capabilities && capabilities.sizesMp.length > 0 ? ` · ${settings.sizeMp} MP` : '';
  const files = capabilities ? fileWords(settings, capabilities) : 'no camera';
  if (capabilities && isOwnPhoto(settings, capabilities)) return 'JPEG, the phone’s own photo';
  const frames =
    capabilities?.averages && settings.average > 1 ? `average of ${settings.average}` : '1 frame';
  return `${files}${size} · ${frames}`;
}

/** "bracket 5 · 3 s · 52 MB" of a series, else what the one frame is written as. */
function useWillWords(): string {
  const single = useStore(fieldStore, willWords);
  const series = useStore(fieldStore, (s) => s.settings.series);
  const count = useStore(fieldStore, seriesCount);
  const foreseen = useForeseen();
  if (!foreseen || foreseen.kind === 'single') return single;
  return `${seriesWords(series, count)} · ${shortWhileWords(foreseen.seconds)} · ${bytesWords(foreseen.bytes)}`;
}

const WHY_EXPOSE = why('expose');

function BottomBar({ height }: { height: number }) {
  const will = useWillWords();
  const isLeft = useHand() === 'left';
  const pending = useStore(fieldStore, (s) => s.pending);
  const progress = useStore(fieldStore, (s) => s.progress);
  const ready = useStore(fieldStore, (s) => s.phase === 'ready');
  const bursts = useStore(fieldStore, (s) => s.settings.series.kind === 'burst');
  return (
    <View style={[styles.bottom, isLeft && styles.reversed]}>
      <LastFrame size={height} />
      <ExposeBar
        height={height}
        why={WHY_EXPOSE}
        will={will}
        progress={progress}
        pending={pending}
        disabled={!ready || (pending >= MAX_PENDING && !progress?.open)}
        onExpose={() => void session.shutter.press()}
        onHold={bursts ? session.shutter.hold : undefined}
        onLetGo={session.shutter.letGo}
      />
      <SeriesButton height={height} />
      <HoldAll height={height} />
      <AllToAuto height={height} />
    </View>
  );
}

/** Frames that must match: every tape stays where it stands. */
function HoldAll({ height }: { height: number }) {
  const isHeld = useStore(fieldStore, ({ settings: s, capabilities: c }) => {
    const held = (what: 'time' | 'iso' | 'focus' | 'white', offered: unknown): boolean =>
      !offered || s[what].mode === 'held';
    return (
      c !== null &&
      held('time', c.time) &&
      held('iso', c.iso) &&
      held('white', c.white) &&
      held('focus', c.focus(s)?.range)
    );
  });
  return (
    <Button
      label={'hold\nall'}
      name="hold all: every tape stays where it stands"
      disabled={isHeld}
      onPress={holdAll}
      style={[styles.allAuto, { height }, isHeld && styles.faded]}
    />
  );
}

/** The way back when the scene changes: one press and the camera does everything again. */
function AllToAuto({ height }: { height: number }) {
  const auto = useStore(fieldStore, ({ settings: s }) => {
    const open = s.time.mode === 'auto' && s.iso.mode === 'auto';
    const white = s.white.mode === 'auto' && s.white.locked === null;
    const focus = s.focus.mode === 'auto' && s.focus.follow;
    return open && white && focus && s.compClicks === 0 && s.meter.lockedEv100 === null;
  });
  return (
    <Button
      label={'all\nauto'}
      name="all auto: every tape and the lock go back to the camera"
      disabled={auto}
      onPress={session.releaseAll}
      style={[styles.allAuto, { height }, auto && styles.faded]}
    />
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  under: { flex: 1, alignItems: 'center' },
  beside: { flex: 1, flexDirection: 'row', gap: 6 },
  columnUnder: { alignSelf: 'stretch', flex: 1 },
  column: { flex: 1, paddingRight: 6, paddingBottom: 6 },
  columnLeft: { paddingRight: 0, paddingLeft: 6 },
  reversed: { flexDirection: 'row-reverse' },
  controls: { flex: 1 },
  picture: { flexDirection: 'row' },
  over: { position: 'absolute', top: 0 },
  jpeg: { position: 'absolute', top: 0, pointerEvents: 'none', flexDirection: 'row' },
  bottom: { flexDirection: 'row', gap: 6 },
  allAuto: { paddingHorizontal: 0, width: 46 },
  faded: { opacity: 0.55 },
});
