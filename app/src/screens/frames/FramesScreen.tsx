import { useRouter } from 'expo-router';
import { useState } from 'react';
import { FlatList, StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { useAllFrames, useRemoveFrames } from '../../storage/frameQueries';
import { exposureWords } from '../../storage/frameWords';
import { stacksOf, type Stack } from '../../storage/stacks';
import { COLOUR, FONT } from '../../theme/theme';
import { Thumbnail } from './Thumbnail';
import { UnreadableFrames } from './UnreadableFrames';
import { UnsavedFrames } from './UnsavedFrames';

const TILE = 120;
const GAP = 8;

/** Every frame on this device, newest first; one or many can be deleted. */
export function FramesScreen() {
  const router = useRouter();
  const { width } = useScreenRoom();
  const all = useAllFrames();
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  const frames = all.data?.pages.flatMap((page) => page.frames) ?? [];
  const stacks = stacksOf(frames);
  const unreadable = all.data?.pages.flatMap((page) => page.unreadable) ?? [];
  const total = all.data?.pages[0]?.total ?? 0;
  const columns = Math.max(2, Math.floor((width - GAP) / (TILE + GAP)));
  const size = Math.floor((width - GAP * (columns + 1)) / columns);
  const toField = (): void => (router.canGoBack() ? router.back() : router.replace('/'));
  const choose = ({ frames: all }: Stack): void =>
    setChosen((now) => {
      const next = new Set(now);
      const isChosen = next.has(all[0].record.id);
      for (const { record } of all) {
        if (isChosen) next.delete(record.id);
        else next.add(record.id);
      }
      return next;
    });
  return (
    <View style={styles.screen} role="main">
      <View style={styles.bar}>
        <Button quiet label="‹ Field" onPress={toField} />
        <Text style={styles.title} role="heading">
          {all.isPending ? 'Frames' : `Frames · ${total}`}
        </Text>
        {frames.length > 0 && (
          <Button
            label={chosen ? 'Done' : 'Choose'}
            onPress={() => setChosen(chosen ? null : new Set())}
          />
        )}
      </View>
      {chosen && <DeleteBar ids={[...chosen]} onGone={() => setChosen(null)} />}
      <FlatList
        key={columns}
        data={stacks}
        numColumns={columns}
        keyExtractor={({ key }: Stack) => key}
        columnWrapperStyle={styles.row}
        contentContainerStyle={styles.list}
        onEndReached={() => {
          if (all.hasNextPage && !all.isFetchingNextPage) void all.fetchNextPage();
        }}
        ListHeaderComponent={
          <>
            <UnsavedFrames />
            <UnreadableFrames frames={unreadable} />
          </>
        }
        ListEmptyComponent={<Nothing pending={all.isPending} failed={all.isError} total={total} />}
        renderItem={({ item }: { item: Stack }) => (
          <View style={{ width: size }}>
            <Thumbnail
              stack={item}
              size={size}
              onChoose={chosen ? () => choose(item) : undefined}
              chosen={chosen?.has(item.frames[0].record.id)}
            />
            <Text style={styles.caption} numberOfLines={1}>
              {exposureWords(item.frames[0].record)}
            </Text>
          </View>
        )}
      />
    </View>
  );
}

/** Why there is no frame to be seen. */
function Nothing({ pending, failed, total }: { pending: boolean; failed: boolean; total: number }) {
  const text = failed
    ? 'The frames on this device cannot be read just now: the browser does not open its storage. They may be there all the same. New frames can be made; each is kept or handed to you. Reload the page to try again.'
    : pending
      ? 'Looking for frames ...'
      : total > 0
        ? 'No other frame here.'
        : 'No frame yet. What you expose in Field is kept here.';
  return (
    <Text style={styles.text} role={failed ? 'alert' : undefined}>
      {text}
    </Text>
  );
}

function DeleteBar({ ids, onGone }: { ids: readonly string[]; onGone: () => void }) {
  const [asking, setAsking] = useState(false);
  const remove = useRemoveFrames();
  const what = ids.length === 1 ? 'this frame' : `these ${ids.length} frames`;
  if (ids.length === 0) return <Text style={styles.hint}>Tap the frames to delete.</Text>;
  if (!asking)
    return (
      <View style={styles.actions}>
        <Button label={`Delete ${ids.length} ...`} onPress={() => setAsking(true)} />
      </View>
    );
  return (
    <View style={styles.actions}>
      <Text style={styles.text}>Delete {what} from the browser for good?</Text>
      <Button label="Delete" onPress={() => remove.mutate(ids, { onSuccess: onGone })} />
      <Button label="Keep" onPress={() => setAsking(false)} />
      {remove.isError && (
        <Text style={styles.text} role="alert">
          The browser did not delete them. Reload the page and try again.
        </Text>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  bar: { minHeight: 48, flexDirection: 'row', alignItems: 'center', gap: 8, paddingRight: 8 },
  title: { flex: 1, fontFamily: FONT.medium, fontSize: 17, color: COLOUR.light },
  list: { padding: GAP, gap: GAP },
  row: { gap: GAP },
  caption: { fontFamily: FONT.regular, fontSize: 14, color: COLOUR.lightSoft, paddingTop: 2 },
  actions: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 8,
    paddingHorizontal: 12,
    paddingBottom: 8,
  },
  hint: {
    fontFamily: FONT.regular,
    fontSize: 16,
    color: COLOUR.lightSoft,
    paddingHorizontal: 12,
    paddingBottom: 8,
  },
  text: { fontFamily: FONT.regular, fontSize: 17, lineHeight: 23, color: COLOUR.light },
});
