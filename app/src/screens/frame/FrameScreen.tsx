import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { useFrame, useRemoveFrames } from '../../storage/frameQueries';
import type { FrameRecord } from '../../storage/frameRecord';
import type { ListedFrame } from '../../storage/madeFrame';
import { sourceWords } from '../../storage/frameWords';
import { MIME_TYPES, saveToComputer } from '../../storage/save';
import { COLOUR, FONT } from '../../theme/theme';
import { FrameFacts } from './FrameFacts';
import { FramePicture, type FrameLook } from './FramePicture';
import { useFlip, useFlipKeys } from './useFlip';
import { useFrameView, type OpenedFrame } from './useFrameView';

/** One capture, read back from its stored file. */
export function FrameScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const { data, isPending, error } = useFrame(id);
  const record = data?.record;
  const [look, setLook] = useState<FrameLook>({ full: false, centre: { x: 0.5, y: 0.5 } });
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
  return <OpenFrame key={record.id} frame={data} look={look} onLook={setLook} onBack={toField} />;
}

interface OpenFrameProps {
  readonly frame: ListedFrame;
  readonly look: FrameLook;
  readonly onLook: (look: FrameLook) => void;
  readonly onBack: () => void;
}

function OpenFrame({ frame: { record, thumbnail }, look, onLook, onBack }: OpenFrameProps) {
  const opened = useFrameView(record);
  const flip = useFlip(record);
  useFlipKeys(flip);
  const router = useRouter();
  const { width, height } = useScreenRoom();
  const wide = width >= 900;
  const columnWidth = wide ? Math.max(340, Math.round(width * 0.29)) : width;
  const pictureWidth = wide ? width - columnWidth : width;
  const pictureHeight = wide ? Math.max(120, height - 44) : Math.round(height * 0.56);
  return (
    <View style={styles.screen} role="main">
      <View style={styles.bar}>
        <Button quiet label="‹ Field" onPress={onBack} />
        <Text style={styles.title} numberOfLines={1} role="heading">
          {sourceWords(record)}
        </Text>
        <Button quiet label="All frames" onPress={() => router.push('/frames')} />
      </View>
      <View style={[styles.content, wide && styles.row]}>
        {opened.error ? (
          <View
            style={[styles.problem, { width: pictureWidth, height: pictureHeight }]}
            role="alert"
          >
            <Text style={styles.text}>{opened.error}</Text>
          </View>
        ) : (
          <FramePicture
            opened={opened}
            look={look}
            onLook={onLook}
            thumbnail={thumbnail}
            flip={flip}
            width={pictureWidth}
            height={pictureHeight}
          />
        )}
        <ScrollView style={{ width: columnWidth }} contentContainerStyle={styles.column}>
          <Actions record={record} opened={opened} series={flip?.ids ?? []} onGone={onBack} />
          {opened.summary && <FrameFacts summary={opened.summary} />}
        </ScrollView>
      </View>
    </View>
  );
}

interface ActionsProps {
  readonly record: FrameRecord;
  readonly opened: OpenedFrame;
  /** Ids of all frames of its series; none of a single frame. */
  readonly series: readonly string[];
  readonly onGone: () => void;
}

function Actions({ record, opened, series, onGone }: ActionsProps) {
  /** What is asked to be deleted. */
  const [asking, setAsking] = useState<readonly string[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [saving, setSaving] = useState<number | null>(null);
  const remove = useRemoveFrames();
  const notGone = (): void => {
    setAsking(null);
    setProblem('The browser did not delete it. Reload the page and try again.');
  };
  const save = async (index: number): Promise<void> => {
    const file = record.files[index];
    setProblem(null);
    setSaving(index);
    try {
      const bytes = await opened.bytes(file);
      saveToComputer(file.name, new Blob([bytes], { type: MIME_TYPES[file.kind] }));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'The file could not be read.');
    }
    setSaving(null);
  };
  if (asking)
    return (
      <View style={styles.actions}>
        <Text style={styles.text}>
          {`Delete ${asking.length === 1 ? 'this frame' : `all ${asking.length} frames of this series`} from the browser for good?`}
        </Text>
        <Button
          label={remove.isPending ? `Deleting ${asking.length} ...` : 'Delete'}
          disabled={remove.isPending}
          // Also when the screen goes before: what it shows is gone by then.
          onPress={() => void remove.mutateAsync(asking).then(onGone, notGone)}
        />
        <Button label="Keep" onPress={() => setAsking(null)} />
      </View>
    );
  return (
    <View style={styles.actions}>
      {record.files.map((file, i) => (
        <Button
          key={file.name}
          label={`${saving === i ? 'Saving' : 'Save'} ${file.kind.toUpperCase()} · ${(file.bytes / 1e6).toFixed(1)} MB`}
          disabled={saving !== null}
          onPress={() => void save(i)}
        />
      ))}
      <Button label="Delete ..." onPress={() => setAsking([record.id])} />
      {series.length > 1 && (
        <Button label={`Delete all ${series.length} ...`} onPress={() => setAsking(series)} />
      )}
      {problem && <Text style={styles.text}>{problem}</Text>}
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
  title: { flex: 1, fontFamily: FONT.medium, fontSize: 16, color: COLOUR.light },
  content: { flex: 1 },
  row: { flexDirection: 'row' },
  column: { padding: 12, gap: 12 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
  problem: { alignItems: 'center', justifyContent: 'center', gap: 16, padding: 24 },
  text: { fontFamily: FONT.regular, fontSize: 17, lineHeight: 23, color: COLOUR.light },
});
