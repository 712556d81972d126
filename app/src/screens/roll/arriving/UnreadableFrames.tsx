import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../../instruments/Button';
import { useRemoveFrames } from '../../../storage/frames/frameQueries';
import { filesOfUnreadable } from '../../../storage/frames/frames';
import type { UnreadableFrame } from '../../../storage/frames/unreadable';
import { saveToComputer } from '../../../storage/save';
import { COLOUR, FONT, typePx } from '../../../theme/theme';

/** As much of an entry as is shown. */
const MAX_SHOWN = 600;

/** Entries that this version cannot read: to be looked at, saved as they are, removed. */
export function UnreadableFrames({ frames }: { readonly frames: readonly UnreadableFrame[] }) {
  if (frames.length === 0) return null;
  return (
    <View style={styles.part} role="region" aria-label="Frames that cannot be read">
      <Text style={styles.text}>
        {frames.length === 1 ? 'One stored frame' : `${frames.length} stored frames`} cannot be read
        by this version: made by another, or damaged. What is there can be saved as it is.
      </Text>
      {frames.map((frame) => (
        <Unreadable key={frame.id} frame={frame} />
      ))}
    </View>
  );
}

function Unreadable({ frame: { id, text } }: { frame: UnreadableFrame }) {
  const [shows, setShows] = useState(false);
  const [asking, setAsking] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const remove = useRemoveFrames();
  const save = async (): Promise<void> => {
    saveToComputer(`${id}.json`, new Blob([text], { type: 'application/json' }));
    try {
      for (const { name, bytes } of await filesOfUnreadable(id))
        saveToComputer(name, new Blob([bytes], { type: 'application/octet-stream' }));
    } catch {
      setProblem('Its files could not be read; its entry is saved.');
    }
  };
  return (
    <View style={styles.item}>
      <Text style={styles.name}>{id}</Text>
      <Button label={shows ? 'Hide' : 'Look'} onPress={() => setShows(!shows)} />
      <Button label="Save as it is" onPress={() => void save()} />
      {asking ? (
        <>
          <Button label="Remove for good" onPress={() => remove.mutate([id])} />
          <Button label="Keep" onPress={() => setAsking(false)} />
        </>
      ) : (
        <Button label="Remove ..." onPress={() => setAsking(true)} />
      )}
      {shows && <Text style={styles.entry}>{text.slice(0, MAX_SHOWN) || '(empty)'}</Text>}
      {problem && <Text style={styles.text}>{problem}</Text>}
    </View>
  );
}

const styles = StyleSheet.create({
  part: { gap: 8, padding: 10, backgroundColor: COLOUR.panel, borderRadius: 6 },
  item: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  name: { flexGrow: 1, fontFamily: FONT.regular, fontSize: typePx(15), color: COLOUR.light },
  entry: {
    flexBasis: '100%',
    fontFamily: FONT.regular,
    fontSize: typePx(14),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  text: {
    fontFamily: FONT.regular,
    fontSize: typePx(16),
    lineHeight: typePx(22),
    color: COLOUR.light,
  },
});
