import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, Text, View } from 'react-native';
import {
  FIRST_DELIVERY,
  planDelivery,
  type DeliveryChoices,
  type DeliveryEntry,
} from '../../deliver/deliveryPlan';
import { Button } from '../../instruments/Button';
import { Choice } from '../../instruments/Choice';
import { useFrames } from '../../storage/frames/frameQueries';
import { useRoll, useRolls } from '../../storage/rolls/rollQueries';
import { viewOfParams, wholeRoll } from '../../storage/rolls/rollView';
import type { ListedFrame } from '../../storage/frames/madeFrame';
import { SCREEN_TEXT } from '../../theme/screenText';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { deliveryWords, plannedWords } from './deliverWords';
import { ToComputer } from './ToComputer';
import { canShareFiles, useDelivery } from './useDelivery';

/** Frames that an address names: themselves, or what a roll shows. */
function useDelivered() {
  const params = useLocalSearchParams<{ ids?: string }>();
  const named = params.ids?.split(',').filter((id) => id !== '') ?? null;
  const listing = useRoll(named ? wholeRoll(null) : viewOfParams(params), named === null);
  const ids = named ?? listing.data?.stacks.flatMap((stack) => stack.ids) ?? [];
  const found = useFrames(ids);
  const frames = found.flatMap(({ data }) => (data ? [data] : []));
  const isPending = (named === null && listing.isPending) || found.some((frame) => frame.isPending);
  return { frames, isPending, isError: listing.isError || found.some((frame) => frame.isError) };
}

/** Hands frames over: as a zip, into a folder, or to the system. */
export function DeliverScreen() {
  const router = useRouter();
  const { frames, isPending, isError } = useDelivered();
  const { data: rolls = [] } = useRolls();
  const [choices, setChoices] = useState(FIRST_DELIVERY);
  const rollNames = new Map(rolls.map(({ id, name }) => [id, name]));
  const entries = isPending ? [] : planDelivery(frames, rollNames, choices);
  const back = (): void => (router.canGoBack() ? router.back() : router.replace('/frames'));
  const words = isError
    ? 'The browser’s storage could not be read just now. Reload the page to try again.'
    : isPending
      ? 'Opening ...'
      : frames.length === 0
        ? 'There is nothing to deliver here: these frames are not on this device (any more).'
        : plannedWords(frames.length, entries);
  return (
    <View style={styles.screen} role="main">
      <View style={styles.bar}>
        <Button quiet label="‹ Back" onPress={back} />
        <Text style={styles.title} role="heading">
          Deliver
        </Text>
      </View>
      <ScrollView contentContainerStyle={styles.content}>
        <Text style={SCREEN_TEXT.text}>{words}</Text>
        {!isPending && frames.length > 0 && (
          <>
            <How choices={choices} onChange={setChoices} />
            <Ways entries={entries} frames={frames} asArchive={choices.what === 'archive'} />
            {choices.what !== 'archive' && (
              <ToComputer ids={frames.map(({ record }) => record.id)} choices={choices} />
            )}
          </>
        )}
      </ScrollView>
    </View>
  );
}

interface HowProps {
  readonly choices: DeliveryChoices;
  readonly onChange: (choices: DeliveryChoices) => void;
}

const yesOrNo = (label: string) => [
  { value: true, label: 'yes', name: `${label}: yes` },
  { value: false, label: 'no', name: `${label}: no` },
];

function How({ choices, onChange }: HowProps) {
  return (
    <>
      <Choice
        label="Files"
        options={[
          { value: 'files', label: 'as they are', name: 'Files: as they are' },
          { value: 'developed', label: 'developed JPEG', name: 'Files: developed JPEG' },
          { value: 'archive', label: 'archive', name: 'Files: archive' },
        ]}
        value={choices.what}
        onChoose={(what) => onChange({ ...choices, what })}
      />
      {choices.what === 'archive' ? (
        <Text style={SCREEN_TEXT.about}>
          All there is of these frames: files, small pictures, rolls, choices, recipes, series. Open
          it in any Velmo, by Open files ..., to have them again.
        </Text>
      ) : (
        <>
          <Choice
            label="Series in folders"
            options={yesOrNo('Series in folders')}
            value={choices.folders}
            onChoose={(folders) => onChange({ ...choices, folders })}
          />
          <Choice
            label="Place (GPS)"
            options={[
              { value: true, label: 'as it is', name: 'Place: as it is' },
              { value: false, label: 'left out', name: 'Place: left out' },
            ]}
            value={choices.place}
            onChoose={(place) => onChange({ ...choices, place })}
          />
          <Choice
            label="XMP sidecars"
            options={yesOrNo('XMP sidecars')}
            value={choices.sidecars}
            onChoose={(sidecars) => onChange({ ...choices, sidecars })}
          />
          {choices.sidecars && (
            <Text style={SCREEN_TEXT.about}>
              What is kept or dropped (rating 1 or −1), the roll, the series and both recipes, in a
              file beside each frame’s.
            </Text>
          )}
        </>
      )}
    </>
  );
}

/** "velmo-20261128.zip" */
function dated(name: string): string {
  const now = new Date();
  const two = (n: number): string => String(n).padStart(2, '0');
  return `${name}-${now.getFullYear()}${two(now.getMonth() + 1)}${two(now.getDate())}.zip`;
}

interface WaysProps {
  readonly entries: readonly DeliveryEntry[];
  readonly frames: readonly ListedFrame[];
  readonly asArchive: boolean;
}

function Ways({ entries, frames, asArchive }: WaysProps) {
  const { delivery, zip, archive, folder, canPickFolder, prepare, share, stop } = useDelivery();
  const says = deliveryWords(delivery, asArchive ? frames.length : entries.length);
  const isBusy = delivery.state === 'busy';
  const ways = asArchive
    ? [
        {
          label: 'Save the archive',
          go: () => void archive(frames, dated('velmo-archive')),
          there: true,
        },
      ]
    : [
        { label: 'Save a zip', go: () => void zip(entries, dated('velmo')), there: true },
        { label: 'Into a folder ...', go: () => void folder(entries), there: canPickFolder },
        { label: 'Share ...', go: () => void prepare(entries), there: canShareFiles() },
      ];
  return (
    <>
      <View style={styles.row}>
        {ways.map(
          ({ label, go, there }) =>
            there && <Button key={label} label={label} disabled={isBusy} onPress={go} />,
        )}
        {isBusy && <Button label="Stop" onPress={stop} />}
        {delivery.state === 'ready' && (
          <Button label="Share now" onPress={() => void share(delivery.files)} />
        )}
      </View>
      {says && (
        <Text style={SCREEN_TEXT.text} role={delivery.state === 'failed' ? 'alert' : 'status'}>
          {says}
        </Text>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  bar: { height: 44, flexDirection: 'row', alignItems: 'center', gap: 8 },
  title: { flex: 1, fontFamily: FONT.medium, fontSize: typePx(16), color: COLOUR.light },
  content: { padding: 12, gap: 14, maxWidth: 640 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
