import { useLocalSearchParams, useRouter } from 'expo-router';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { ScrollView, StyleSheet, Text, View } from 'react-native';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import type { RollSummary } from '../../storage/rolls/catalogue';
import { loadCurrentRoll, type CurrentRoll } from '../../storage/rolls/currentRoll';
import {
  useRoll,
  useRollBeginning,
  useRolls,
  useUnreadable,
} from '../../storage/rolls/rollQueries';
import { paramsOfView, viewOfParams, wholeRoll, type RollView } from '../../storage/rolls/rollView';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { ContactSheet } from './contactSheet/ContactSheet';
import { NoFrames } from './NoFrames';
import { OpenedArchive } from './arriving/OpenedArchive';
import { OpenedFiles } from './arriving/OpenedFiles';
import { RollBar } from './RollBar';
import { RollSheets, type OpenRollSheet } from './RollSheets';
import { RollStatus } from './RollStatus';
import { UnreadableFrames } from './arriving/UnreadableFrames';
import { UnsavedFrames } from './arriving/UnsavedFrames';
import { useDeciding, useDecidingKeys } from './useDeciding';
import { useOpenFiles } from './arriving/useOpenFiles';

/** From this width on a sheet stands beside the frames. */
const WIDE = 900;
const SHEET_WIDTH = 420;

/** A roll as a contact sheet: looked through, chosen from, put in order. */
export function RollScreen() {
  const router = useRouter();
  const params = useLocalSearchParams();
  const view = viewOfParams(params);
  const { width } = useScreenRoom();
  const beginning = useRollBeginning(view);
  // All frames are looked through once the first of them are shown.
  const begun = !beginning.isPending;
  const { data: rolls = [] } = useRolls(begun);
  const { data: listing, isPending, isError } = useRoll(view, begun);
  const [sheet, setSheet] = useState<OpenRollSheet | null>(null);
  const [chosen, setChosen] = useState<ReadonlySet<string> | null>(null);
  const [cursor, setCursor] = useState(0);
  const deciding = useDeciding();
  useEffect(() => void loadCurrentRoll(), []);
  const opening = useOpenFiles(useRollToFill(view, rolls));

  // What is known first is shown first.
  const known = listing ?? beginning.data ?? null;
  const stacks = known?.stacks ?? [];
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
  const toggle = (which: OpenRollSheet): void => setSheet(sheet === which ? null : which);
  const close = (): void => setSheet(null);
  const open = sheet && listing && (
    <View style={wide ? styles.beside : styles.over}>
      <RollSheets
        sheet={sheet}
        view={view}
        listing={listing}
        onView={setView}
        onOpen={(roll) => {
          setView(wholeRoll(roll));
          if (!wide) close();
        }}
        onClose={close}
      />
    </View>
  );
  return (
    <View style={styles.screen} role="main">
      <RollStatus
        rolls={rolls}
        view={view}
        listing={listing ?? null}
        sheet={sheet}
        onToggle={toggle}
      />
      <View style={[styles.content, wide && styles.row]}>
        <View style={styles.content}>
          <OpenedFiles opening={opening} />
          <OpenedArchive />
          <Aside all={view.roll === null} begun={begun} />
          {stacks.length > 0 ? (
            <ContactSheet
              key={`${view.roll}`}
              stacks={stacks}
              aspect={known!.aspect}
              width={wide && open ? width - SHEET_WIDTH : width}
              chosen={chosen}
              cursor={at}
              onCursor={setCursor}
              onPress={press}
            />
          ) : (
            <NoFrames pending={isPending} failed={isError} view={view} listing={listing ?? null} />
          )}
        </View>
        {open}
      </View>
      <RollBar
        chosen={chosen}
        onChoosing={(on) => setChosen(on ? new Set() : null)}
        canChoose={stacks.length > 0}
        dropped={view.choice === 'dropped' ? (listing?.dropped ?? null) : null}
        view={view}
        deciding={deciding}
        onField={toField}
        onFiles={opening.open}
      />
      {opening.isOver && (
        <View style={styles.drop}>
          <Text style={styles.dropText}>Let go to open these files as frames.</Text>
        </View>
      )}
    </View>
  );
}

/** The roll that opened files lie in: the one looked at; null for all frames. */
function useRollToFill(view: RollView, rolls: readonly RollSummary[]): CurrentRoll | null {
  const id = view.roll;
  const name = rolls.find((roll) => roll.id === id)?.name ?? id;
  return useMemo(() => (id === null || name === null ? null : { id, name }), [id, name]);
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

/** Frames that are not where frames should be; nothing where there are none. */
function Aside({ all, begun }: { readonly all: boolean; readonly begun: boolean }) {
  const { data: unreadable = [] } = useUnreadable(begun);
  return (
    <ScrollView style={styles.aside}>
      <UnsavedFrames />
      {all && <UnreadableFrames frames={unreadable} />}
    </ScrollView>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  content: { flexGrow: 1, flexShrink: 1, flexBasis: 0 },
  row: { flexDirection: 'row' },
  beside: { width: SHEET_WIDTH, padding: 4 },
  over: { flexGrow: 1, flexShrink: 1, flexBasis: '30%', maxHeight: '62%', padding: 4 },
  aside: { flexGrow: 0, maxHeight: '50%' },
  drop: {
    position: 'absolute',
    left: 12,
    right: 12,
    top: 12,
    bottom: 12,
    alignItems: 'center',
    justifyContent: 'center',
    borderRadius: 8,
    borderWidth: 3,
    borderStyle: 'dashed',
    borderColor: COLOUR.paper,
    backgroundColor: 'rgba(22,22,22,0.88)',
    pointerEvents: 'none',
  },
  dropText: { fontFamily: FONT.semibold, fontSize: typePx(20), color: COLOUR.light },
});
