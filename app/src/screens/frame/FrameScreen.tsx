import { AS_EXPOSED, AS_TAKEN } from '@velmo/core/recipe';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useCallback, useState } from 'react';
import { ScrollView, StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { Choice } from '../../instruments/Choice';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { useFrame, useSeries } from '../../storage/frames/frameQueries';
import { rawOrPicture } from '../../storage/frames/frameRecord';
import { rawOf, type ListedFrame } from '../../storage/frames/madeFrame';
import { sourceWords } from '../../storage/frames/frameWords';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { Notch } from '../roll/contactSheet/Notch';
import { useDeciding, useDecidingKeys, type Deciding } from '../roll/useDeciding';
import { AllMetadata } from './AllMetadata';
import { FrameActions } from './FrameActions';
import { FrameFacts } from './FrameFacts';
import { WHOLE, type FrameLook } from './frameLook';
import { FramePicture } from './FramePicture';
import { MadeOf } from './MadeOf';
import { SeriesBeside } from './SeriesBeside';
import { DevelopTool } from '../develop/DevelopTool';
import { ReframeTool } from '../reframe/ReframeTool';
import { useFrameMarks } from './useFrameMarks';
import { useFrameView, useRestEnds, type OpenedFrame } from './useFrameView';
import { useFull } from './useFull';
import { useNeighbourKeys, useNeighbours, useOpenedIn, usePrepared, useRow } from './useNeighbours';

/** One capture, read back from its stored file. */
export function FrameScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const { data, isPending, error } = useFrame(id);
  const record = data?.record;
  const row = useRow(id);
  const [look, setLook] = useState(WHOLE);
  const [full, setFull] = useFull();
  useRestEnds();
  const toField = (): void => (router.canGoBack() ? router.back() : router.replace('/'));
  if (isPending) return <Message text="Opening ..." />;
  if (error)
    return (
      <Message
        text="The browser’s storage could not be read just now. Reload the page to try again."
        onBack={toField}
      />
    );
  if (!record)
    return <Message text="This frame is not on this device (any more)." onBack={toField} />;
  return (
    <OpenFrame
      key={record.id}
      frame={data}
      row={row}
      look={look}
      onLook={setLook}
      full={full}
      onFull={setFull}
      onBack={toField}
    />
  );
}

interface OpenFrameProps {
  readonly frame: ListedFrame;
  /** Frames of the roll it was opened in. */
  readonly row: readonly string[];
  readonly look: FrameLook;
  readonly onLook: (look: FrameLook) => void;
  /** The picture takes the whole screen. */
  readonly full: boolean;
  readonly onFull: (full: boolean) => void;
  readonly onBack: () => void;
}

function OpenFrame(props: OpenFrameProps) {
  const { record, decision } = props.frame;
  const raw = rawOf(props.frame);
  // A combined frame is looked at by its finished picture, or by the raw that was made.
  const hasBoth = !!record.combined && raw !== undefined && rawOrPicture(record) !== raw;
  const [byRaw, setByRaw] = useState(false);
  // What a recipe makes of it is seen in its raw.
  const [develops, setDevelops] = useState(false);
  const isByRaw = raw !== undefined && (byRaw || develops || decision.development !== null);
  const opened = useFrameView(record, hasBoth && isByRaw ? raw : null);
  const { data: series = [] } = useSeries(record.id);
  const deciding = useDeciding();
  const [reframes, setReframes] = useState(false);
  const { summary } = opened;
  if (develops && summary?.raw)
    return (
      <DevelopTool
        opened={opened}
        summary={{ ...summary, raw: summary.raw }}
        reframe={decision.reframe ?? AS_TAKEN}
        development={decision.development ?? AS_EXPOSED}
        others={series.map((other) => other.record.id).filter((id) => id !== record.id)}
        onDone={(development) => deciding.develop([record.id], development)}
        onOthers={(development) =>
          deciding.develop(
            series.map((other) => other.record.id),
            development,
          )
        }
        onLeave={() => setDevelops(false)}
      />
    );
  if (!reframes || !summary)
    return (
      <LookedAt
        {...props}
        opened={opened}
        deciding={deciding}
        onReframe={() => setReframes(true)}
        onDevelop={raw ? () => setDevelops(true) : null}
        byRaw={hasBoth && decision.development === null ? byRaw : null}
        onByRaw={setByRaw}
      />
    );
  return (
    <ReframeTool
      opened={opened}
      taken={summary}
      reframe={decision.reframe ?? AS_TAKEN}
      onDone={(reframe) => deciding.reframe(record.id, reframe)}
      onLeave={() => setReframes(false)}
    />
  );
}

interface LookedAtProps extends OpenFrameProps {
  readonly opened: OpenedFrame;
  readonly deciding: Deciding;
  readonly onReframe: () => void;
  /** null: there is no raw. */
  readonly onDevelop: (() => void) | null;
  /** It is looked at by its raw; null: there is nothing to choose from. */
  readonly byRaw: boolean | null;
  readonly onByRaw: (byRaw: boolean) => void;
}

/** The picture, what it holds, and what can be done with it. */
function LookedAt({ frame, opened, deciding, row, look, onLook, onFull, ...props }: LookedAtProps) {
  const { record, decision } = frame;
  const { onBack, onReframe, onDevelop, byRaw, onByRaw } = props;
  // Where there is no picture, there is a way back.
  const full = props.full && opened.error === null;
  const neighbours = useNeighbours(record, row);
  useNeighbourKeys(neighbours);
  usePrepared(neighbours, opened.summary !== null);
  const marks = useFrameMarks();
  const ids = useCallback(() => [record.id], [record.id]);
  useDecidingKeys(deciding, ids);
  const inRoll = useOpenedIn() !== null;
  const router = useRouter();
  const { width, height } = useScreenRoom();
  const wide = width >= 900;
  const columnWidth = wide ? Math.max(340, Math.round(width * 0.29)) : width;
  const pictureWidth = wide && !full ? width - columnWidth : width;
  const pictureHeight = full
    ? height
    : wide
      ? Math.max(120, height - 44)
      : Math.round(height * 0.56);
  return (
    <View style={styles.screen} role="main">
      {!full && (
        <View style={styles.bar}>
          <Button quiet label={inRoll ? '‹ Roll' : '‹ Field'} onPress={onBack} />
          <Text style={styles.title} numberOfLines={1} role="heading">
            {sourceWords(record)}
          </Text>
          <Button quiet label="All frames" onPress={() => router.dismissTo('/frames')} />
        </View>
      )}
      <View style={[styles.content, wide && styles.row]}>
        {opened.error ? (
          <View
            style={[styles.problem, { width: pictureWidth, height: pictureHeight }]}
            role="alert"
          >
            <Text style={styles.text}>{opened.error}</Text>
            <Notch choice={decision.choice} />
          </View>
        ) : (
          <FramePicture
            opened={opened}
            look={look}
            onLook={onLook}
            frame={frame}
            neighbours={neighbours}
            marks={marks}
            full={full}
            onFull={onFull}
            onChoose={(choice) => deciding.choose([record.id], choice)}
            width={pictureWidth}
            height={pictureHeight}
          />
        )}
        {!full && (
          <ScrollView style={{ width: columnWidth }} contentContainerStyle={styles.column}>
            <FrameActions
              frame={frame}
              opened={opened}
              series={neighbours?.series ?? []}
              deciding={deciding}
              onReframe={onReframe}
              onDevelop={onDevelop}
            />
            {byRaw !== null && (
              <Choice
                label="Seen"
                options={[
                  { value: false, label: 'finished', name: 'Seen: finished picture' },
                  { value: true, label: 'raw', name: 'Seen: raw' },
                ]}
                value={byRaw}
                onChoose={onByRaw}
              />
            )}
            {opened.summary && (
              <FrameFacts summary={opened.summary} hasRaw={rawOf(frame) !== undefined} />
            )}
            {record.combined && <MadeOf id={record.id} recipe={record.combined} />}
            <SeriesBeside record={record} />
            <AllMetadata record={record} />
          </ScrollView>
        )}
      </View>
    </View>
  );
}

function Message({ text, onBack }: { text: string; onBack?: () => void }) {
  return (
    <View style={[styles.screen, styles.problem]} role="main">
      <Text style={styles.text}>{text}</Text>
      {onBack && <Button label="Back to Field" onPress={onBack} />}
    </View>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  bar: { height: 44, flexDirection: 'row', alignItems: 'center', gap: 8 },
  title: { flex: 1, fontFamily: FONT.medium, fontSize: typePx(16), color: COLOUR.light },
  content: { flex: 1 },
  row: { flexDirection: 'row' },
  column: { padding: 12, gap: 12 },
  problem: { alignItems: 'center', justifyContent: 'center', gap: 16, padding: 24 },
  text: {
    fontFamily: FONT.regular,
    fontSize: typePx(17),
    lineHeight: typePx(23),
    color: COLOUR.light,
  },
});
