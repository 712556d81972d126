import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { metadataOf } from '../../frame/metadata/metadataOf';
import { searched } from '../../frame/metadata/metadataGroups';
import { Button } from '../../instruments/Button';
import { TypedText } from '../../instruments/TypedText';
import { rawOrPicture, type FrameRecord } from '../../storage/frames/frameRecord';
import { COLOUR, FONT, typePx } from '../../theme/theme';

/** Everything the frame's file says about itself, once it is asked for. */
export function AllMetadata({ record }: { record: FrameRecord }) {
  const [open, setOpen] = useState(false);
  return (
    <View style={styles.part} role="group" aria-label="All metadata">
      <Button
        label={open ? 'All metadata: put away' : 'All metadata ...'}
        onPress={() => setOpen(!open)}
        style={styles.open}
      />
      {open && <Metadata record={record} />}
    </View>
  );
}

function Metadata({ record }: { record: FrameRecord }) {
  const [letters, setLetters] = useState('');
  const { data, isError } = useQuery({
    queryKey: ['metadata', record.id],
    queryFn: () => metadataOf(record.id, rawOrPicture(record)),
    retry: false,
  });
  if (isError)
    return (
      <Text style={styles.text} role="alert">
        What the file says about itself could not be read just now. The frame is as it was.
      </Text>
    );
  if (!data) return <Text style={styles.text}>Reading ...</Text>;
  const groups = searched(data, letters);
  const count = groups.reduce((sum, { entries }) => sum + entries.length, 0);
  return (
    <>
      <TypedText
        label="Search the metadata"
        value={letters}
        onChangeText={setLetters}
        placeholder="Search: black, lens, time ..."
      />
      <Text style={styles.text} role="status">
        {count === 0 ? 'Nothing like that in this file.' : `${count} entries`}
      </Text>
      {groups.map(({ title, entries }) => (
        <View key={title} style={styles.group}>
          <Text style={styles.title} role="heading">
            {title}
          </Text>
          {entries.map(({ name, value }) => (
            <View key={name} style={styles.entry}>
              <Text style={styles.name}>{name}</Text>
              <Text style={styles.value}>{value}</Text>
            </View>
          ))}
        </View>
      ))}
    </>
  );
}

const styles = StyleSheet.create({
  part: { gap: 8 },
  open: { alignSelf: 'flex-start' },
  text: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  group: { gap: 2 },
  title: {
    fontFamily: FONT.semibold,
    fontSize: typePx(16),
    lineHeight: typePx(24),
    color: COLOUR.light,
  },
  entry: { flexDirection: 'row', gap: 8 },
  name: {
    width: 150,
    fontFamily: FONT.regular,
    fontSize: typePx(14),
    lineHeight: typePx(18),
    color: COLOUR.lightSoft,
  },
  value: {
    flex: 1,
    fontFamily: FONT.medium,
    fontSize: typePx(14),
    lineHeight: typePx(18),
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
});
