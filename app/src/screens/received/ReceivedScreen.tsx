import { ScrollView, StyleSheet, Text, View } from 'react-native';
import type { ArrivedFile, PairedPhone, ReceivedSummary } from '@velmo/core/handoff';
import { ownerKey } from '../../handoff/pairingSecret';
import { Button } from '../../instruments/Button';
import { SCREEN_TEXT } from '../../theme/screenText';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { filesWords } from '../deliver/deliverWords';
import { bytesWords } from '../field/words/seriesWords';
import { QrCode } from './QrCode';
import { isNotOwner, useCode, useReceived, useRemovePhone } from './receivedQueries';

const NOT_HERE =
  'This page belongs to the computer that files are sent to. Start Velmo there with “npm run demo -- --lan”: it prints this page’s address, with its key.';

/** The computer's own page: what came from which phone, and codes for more phones. */
export function ReceivedScreen() {
  const { data, error } = useReceived();
  return (
    <View style={styles.screen} role="main">
      <View style={styles.bar}>
        <Text style={styles.title} role="heading">
          Received
        </Text>
      </View>
      {data && !isNotOwner(error) ? (
        <Received summary={data} isLost={error !== null} />
      ) : (
        <Text style={[SCREEN_TEXT.text, styles.alone]}>
          {ownerKey() === null || isNotOwner(error)
            ? NOT_HERE
            : error
              ? 'The computer’s server does not answer. Start it again.'
              : 'Opening ...'}
        </Text>
      )}
    </View>
  );
}

function Received({ summary, isLost }: { summary: ReceivedSummary; isLost: boolean }) {
  const { folder, files, bytes, latest, phones } = summary;
  return (
    <ScrollView contentContainerStyle={styles.content}>
      <View style={styles.head}>
        {isLost && (
          <Text style={SCREEN_TEXT.text} role="alert">
            The computer’s server does not answer any more. What came is in its folder.
          </Text>
        )}
        <Text style={SCREEN_TEXT.text} role="status">
          {files === 0
            ? 'Nothing has come yet.'
            : `${filesWords(files)} came, ${bytesWords(bytes)}, each checked by its SHA-256.`}
        </Text>
        <Text style={SCREEN_TEXT.about}>They lie in {folder}</Text>
        <Phones phones={phones} />
        <Pair phones={phones.length} />
        {files > latest.length && (
          <Text style={SCREEN_TEXT.about}>The {latest.length} that came last:</Text>
        )}
      </View>
      {latest.map((file) => (
        <Row key={file.sha256} file={file} />
      ))}
    </ScrollView>
  );
}

function Row({ file: { path, bytes, at } }: { file: ArrivedFile }) {
  return (
    <View style={styles.file}>
      <Text style={[SCREEN_TEXT.text, styles.path]}>{path}</Text>
      <Text style={SCREEN_TEXT.about}>{bytesWords(bytes)}</Text>
      <Text style={SCREEN_TEXT.about}>{new Date(at).toLocaleTimeString()}</Text>
    </View>
  );
}

function Phones({ phones }: { phones: readonly PairedPhone[] }) {
  const remove = useRemovePhone();
  if (phones.length === 0) return <Text style={SCREEN_TEXT.text}>No phone is paired.</Text>;
  return phones.map(({ id, name, pairedAt }) => (
    <View key={id} style={styles.file}>
      <Text style={[SCREEN_TEXT.text, styles.path]}>{name}</Text>
      <Text style={SCREEN_TEXT.about}>paired {new Date(pairedAt).toLocaleDateString()}</Text>
      <Button
        label="Remove"
        name={`Remove ${name}`}
        disabled={remove.isPending}
        onPress={() => remove.mutate(id)}
      />
    </View>
  ));
}

/**
 * A code is used up by the phone that scans it: with that phone there, it is not shown any more.
 */
function Pair({ phones }: { phones: number }) {
  const { data: code, variables, mutate, isPending, isError } = useCode();
  const data = variables === phones ? code : undefined;
  return (
    <>
      <View style={styles.row}>
        <Button
          label={data ? 'Another code' : 'Pair a phone ...'}
          disabled={isPending}
          onPress={() => mutate(phones)}
        />
      </View>
      {isError && (
        <Text style={SCREEN_TEXT.text} role="alert">
          No code could be had: the server does not answer.
        </Text>
      )}
      {data && (
        <>
          <ScrollView horizontal>
            <QrCode text={data.url} size={260} label="Code that pairs a phone" />
          </ScrollView>
          <Text style={SCREEN_TEXT.about}>
            Scan it with a phone on the same network, once, before{' '}
            {new Date(data.expiresAt).toLocaleTimeString()}. Whoever scans it can send files here.
          </Text>
        </>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  bar: { height: 44, paddingHorizontal: 12, flexDirection: 'row', alignItems: 'center' },
  title: { flex: 1, fontFamily: FONT.medium, fontSize: typePx(16), color: COLOUR.light },
  alone: { padding: 12, maxWidth: 640 },
  content: { padding: 12, maxWidth: 760 },
  head: { gap: 10, paddingBottom: 12 },
  row: { flexDirection: 'row' },
  file: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 12,
    minHeight: 44,
    borderBottomWidth: 1,
    borderBottomColor: COLOUR.line,
  },
  path: { flex: 1 },
});
