import { useLocalSearchParams, useRouter } from 'expo-router';
import { useCallback, useEffect, useRef, useState } from 'react';
import { ScrollView, StyleSheet, Text, View } from 'react-native';
import { Sheet as SheetFrame } from '../../instruments/Sheet';
import { StatusPart } from '../../instruments/StatusPart';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { useRoom } from '../../storage/frameQueries';
import { loadCurrentRoll } from '../../storage/rolls/currentRoll';
import type { RollListing } from '../../storage/rolls/listing';
import { useRoll, useRolls, useUnreadable } from '../../storage/rolls/rollQueries';
import { paramsOfView, viewOfParams, wholeRoll, type RollView } from '../../storage/rolls/rollView';
import { COLOUR, FONT } from '../../theme/theme';
import { bytesWords } from '../field/words/seriesWords';
import { ContactSheet } from './ContactSheet';
import { RollBar } from './RollBar';
import { RollRoom } from './RollRoom';
import { framesWords, ORDER_WORDS, rollName, whichWords } from './rollWords';
import { RollsSheet } from './RollsSheet';
import { UnreadableFrames } from './UnreadableFrames';
import { UnsavedFrames } from './UnsavedFrames';
import { useDeciding, useDecidingKeys } from './useDeciding';
import { WhichSheet } from './WhichSheet';

type OpenSheet = 'rolls' | 'which' | 'room';

/** From this width on a sheet stands beside the frames. */
const WIDE = 900;
const SHEET_WIDTH = 420;

/** A roll as a contact sheet: looked through, chosen from, put in order. */
export function RollScreen() {
  const router = useRouter();
  const params = useLocalSearchParams();
  const view = viewOfParams(params);
  const { width } = useScreenRoom();
  const { data: listing, isPending, isError } = useRoll(view);
  const [sheet, setSheet] = useState<OpenSheet | null>(null);
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  const [cursor, setCursor] = useState(0);
  const deciding = useDeciding();
  useEffect(() => void loadCurrentRoll(), []);

  const stacks = listing?.stacks ?? [];
  const at = Math.min(cursor, stacks.length - 1);
  const now = useRef({ stacks, at, chosen, view });
  useEffect(() => {
    now.current = { stacks, at, chosen, view };
  });
  /** What keys and buttons act on: what is chosen, else where the keys are. */
  const meant = useCallback((): readonly string[] => {
    const { stacks, at, chosen } = now.current;
    return chosen ? [...chosen] : (stacks[at]?.ids ?? []);
  }, []);
  useDecidingKeys(deciding, meant);

  const press = useCallback(
    (index: number): void => {
      const { stacks, chosen, view } = now.current;
      const { ids } = stacks[index];
      setCursor(index);
      if (chosen) setChosen(toggled(chosen, ids));
      else
        router.push({
          pathname: '/frame/[id]',
          params: { id: ids[0], ...paramsOfView(view), roll: paramsOfView(view).roll ?? 'all' },
        });
    },
    [router],
  );
  const setView = (next: RollView): void => {
    setCursor(0);
    setChosen(null);
    router.setParams(paramsOfView(next));
  };
  const toField = (): void => (router.canGoBack() ? router.back() : router.replace('/'));

  const wide = width >= WIDE;
  const toggle = (which: OpenSheet): void => setSheet(sheet === which ? null : which);
  const close = (): void => setSheet(null);
  const open = sheet && listing && (
    <View style={wide ? styles.beside : styles.over}>
      {sheet === 'rolls' && (
        <RollsSheet
          open={view.roll}
          onOpen={(roll) => {
            setView(wholeRoll(roll));
            if (!wide) close();
          }}
          onClose={close}
        />
      )}
      {sheet === 'which' && (
        <WhichSheet view={view} listing={listing} onView={setView} onClose={close} />
      )}
      {sheet === 'room' && (
        <SheetFrame title="Room" onClose={close}>
          <RollRoom view={view} listing={listing} onView={setView} />
        </SheetFrame>
      )}
    </View>
  );
  return (
    <View style={styles.screen} role="main">
      <RollStatus view={view} listing={listing ?? null} sheet={sheet} onToggle={toggle} />
      <View style={[styles.content, wide && styles.row]}>
        <View style={styles.content}>
          <Aside all={view.roll === null} />
          {stacks.length > 0 ? (
            <ContactSheet
              key={`${view.roll}`}
              stacks={stacks}
              aspect={listing!.aspect}
              width={wide && open ? width - SHEET_WIDTH : width}
              chosen={chosen}
              cursor={at}
              onCursor={setCursor}
              onPress={press}
            />
          ) : (
            <Nothing pending={isPending} failed={isError} view={view} listing={listing ?? null} />
          )}
        </View>
        {open}
      </View>
      <RollBar
        chosen={chosen}
        onChoosing={(on) => setChosen(on ? new Set() : null)}
        canChoose={stacks.length > 0}
        dropped={view.choice === 'dropped' ? (listing?.dropped ?? null) : null}
        roll={view.roll}
        deciding={deciding}
        onField={toField}
      />
    </View>
  );
}

/** All of a stack chosen, or none of it any more. */
function toggled(chosen: ReadonlySet<string>, ids: readonly string[]): ReadonlySet<string> {
  const next = new Set(chosen);
  const isChosen = next.has(ids[0]);
  for (const id of ids) {
    if (isChosen) next.delete(id);
    else next.add(id);
  }
  return next;
}

interface RollStatusProps {
  readonly view: RollView;
  readonly listing: RollListing | null;
  readonly sheet: OpenSheet | null;
  readonly onToggle: (sheet: OpenSheet) => void;
}

/** Which roll, what of it, in which order, and the room it takes. */
function RollStatus({ view, listing, sheet, onToggle }: RollStatusProps) {
  const { data: rolls = [] } = useRolls();
  const { data: room } = useRoom();
  const whole = listing?.whole ?? { frames: 0, bytes: 0 };
  const shown = listing && listing.shown.frames < whole.frames ? listing.shown.frames : null;
  const count =
    shown === null ? framesWords(whole.frames) : `${shown} of ${framesWords(whole.frames)}`;
  const free = room ? Math.max(0, room.quotaBytes - room.usedBytes) : null;
  return (
    <View style={styles.status}>
      <StatusPart
        top={rollName(view.roll, rolls)}
        below={`${listing ? count : '…'} ▾`}
        name="Roll"
        open={sheet === 'rolls'}
        onPress={() => onToggle('rolls')}
        wide
      />
      <StatusPart
        top={whichWords(view)}
        below={`${ORDER_WORDS[view.order]} ▾`}
        name="Which"
        open={sheet === 'which'}
        onPress={() => onToggle('which')}
      />
      <StatusPart
        top={whole.bytes > 0 ? bytesWords(whole.bytes) : 'empty'}
        below={free === null ? 'room ▾' : `room ${bytesWords(free)} ▾`}
        name="Room"
        open={sheet === 'room'}
        onPress={() => onToggle('room')}
      />
    </View>
  );
}

/** Frames that are not where frames should be; nothing where there are none. */
function Aside({ all }: { readonly all: boolean }) {
  const { data: unreadable = [] } = useUnreadable();
  return (
    <ScrollView style={styles.aside}>
      <UnsavedFrames />
      {all && <UnreadableFrames frames={unreadable} />}
    </ScrollView>
  );
}

interface NothingProps {
  readonly pending: boolean;
  readonly failed: boolean;
  readonly view: RollView;
  readonly listing: RollListing | null;
}

/** Why there is no frame to be seen. */
function Nothing({ pending, failed, view, listing }: NothingProps) {
  return (
    <View style={styles.nothing}>
      <Text style={styles.text} role={failed ? 'alert' : undefined}>
        {failed
          ? 'The frames on this device cannot be read just now: the browser does not open its storage. They may be there all the same. New frames can be made; each is kept or handed to you. Reload the page to try again.'
          : pending
            ? 'Looking for frames ...'
            : nothingWords(view, listing)}
      </Text>
    </View>
  );
}

function nothingWords({ roll, choice }: RollView, listing: RollListing | null): string {
  const frames = listing?.whole.frames ?? 0;
  if (frames === 0)
    return roll === null
      ? 'No frame yet. What you expose in Field is kept here.'
      : 'Nothing in this roll yet. Tap its name for the others, or expose into it.';
  if (listing?.dropped.frames === frames && choice === 'all')
    return `All ${framesWords(frames)} here are dropped. Tap “all” above to look at them.`;
  return `None of the ${framesWords(frames)} here is like that. Tap “${whichWords({ roll, choice } as RollView)}” above to change it.`;
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  status: { height: 48, flexDirection: 'row', alignItems: 'center', paddingHorizontal: 4, gap: 2 },
  content: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  row: { flexDirection: 'row' },
  beside: { width: SHEET_WIDTH, padding: 4 },
  over: { flexGrow: 1, flexShrink: 1, flexBasis: '30%', maxHeight: '62%', padding: 4 },
  aside: { flexGrow: 0, maxHeight: '50%' },
  nothing: { flex: 1, padding: 16 },
  text: { fontFamily: FONT.regular, fontSize: 17, lineHeight: 23, color: COLOUR.light },
});
