import { useState } from 'react';
import { Image, StyleSheet, Text, View } from 'react-native';
import { Button } from '../../../instruments/Button';
import { useStore } from '../../../state/store';
import {
  atRisk,
  dropUnsaved,
  saveUnsaved,
  unsavedStore,
  type UnsavedFrame,
} from '../../../storage/unsaved';
import { COLOUR, FONT, typePx } from '../../../theme/theme';

/** Frames that the page alone has: one by one, and all at once. */
export function UnsavedFrames() {
  const frames = useStore(unsavedStore, (all) => all);
  if (frames.length === 0) return null;
  const left = atRisk(frames);
  return (
    <View style={styles.part} role="region" aria-label="Frames not stored">
      <Text style={styles.text}>
        {frames.at(-1)!.reason}{' '}
        {frames.length === 1 ? 'One frame is' : `${frames.length} frames are`} only in this page:
        save {frames.length === 1 ? 'it' : 'them'}, or delete others and they are stored by
        themselves.
      </Text>
      {frames.length > 1 && left > 0 && (
        <Button label={`Save all ${frames.length}`} onPress={() => saveUnsaved()} />
      )}
      {frames.map((frame) => (
        <Unsaved key={frame.made.facts.id} frame={frame} />
      ))}
    </View>
  );
}

function Unsaved({ frame: { made, stem, saved } }: { frame: UnsavedFrame }) {
  const [asking, setAsking] = useState(false);
  const { id } = made.facts;
  return (
    <View style={styles.item}>
      <Image source={{ uri: made.thumbnail }} style={styles.thumb} alt="" />
      <Text style={styles.name} numberOfLines={2}>
        {stem}
        {saved ? ' · saved to the computer' : ''}
      </Text>
      {asking ? (
        <>
          <Button label="Give it up" onPress={() => dropUnsaved(id)} />
          <Button label="Keep" onPress={() => setAsking(false)} />
        </>
      ) : (
        <>
          <Button label={saved ? 'Save again' : 'Save'} onPress={() => saveUnsaved(id)} />
          <Button label="Give up ..." onPress={() => setAsking(true)} />
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  part: {
    gap: 8,
    padding: 10,
    backgroundColor: COLOUR.panel,
    borderLeftWidth: 5,
    borderLeftColor: COLOUR.clipped,
    borderRadius: 6,
    alignItems: 'flex-start',
  },
  item: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: 8,
    alignSelf: 'stretch',
  },
  thumb: { width: 56, height: 56, borderRadius: 4 },
  name: {
    flexGrow: 1,
    flexShrink: 1,
    flexBasis: 120,
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    color: COLOUR.light,
  },
  text: {
    fontFamily: FONT.regular,
    fontSize: typePx(16),
    lineHeight: typePx(22),
    color: COLOUR.light,
  },
});
