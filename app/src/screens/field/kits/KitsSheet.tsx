import { useEffect, useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import {
  KIT_PARTS,
  kitsOfFile,
  lightless,
  MAX_KIT_NAME,
  STARTING_POINTS,
  type Kit,
  type KitPart,
} from '@velmo/core/kits';
import { Button } from '../../../instruments/Button';
import { FileButton } from '../../../instruments/FileButton';
import { Sheet } from '../../../instruments/Sheet';
import { useScreenRoom } from '../../../instruments/useScreenRoom';
import { useStore } from '../../../state/store';
import { kitCheck, useChangeKits, useKits } from '../../../storage/kept/kitQueries';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { NameField } from '../../roll/NameField';
import { applyKit, applyStartingPoint, setUpNow, takeKitBack } from '../commands/kitCommands';
import { measureField } from '../layout';
import { appliedKitStore } from '../session/appliedKit';
import { closeSheet, fieldStore, hush, openNote } from '../session/fieldState';
import { noteOfSheet } from '../words/noteTopics';
import { KitParts } from './KitParts';
import { KitSlip } from './KitSlip';
import { added, imported, type KitChange } from './kitList';
import { importedWords, unreadWords } from './kitWords';
import { OwnKit, saveKits } from './OwnKit';

/** Set-ups saved under a name, and where kinds of pictures begin: paper slips over the tapes. */
export function KitsSheet() {
  const { data, isError } = useKits();
  const change = useChangeKits();
  const { width, height } = useScreenRoom();
  // Where the sheet covers the tapes it makes room: they are to be seen going where the kit says.
  const covers = measureField(width, height).layout !== 'wide';
  const apply = (work: () => void): void => {
    work();
    if (covers) closeSheet();
  };
  // What was said of a kit stands in the drawer as well.
  useEffect(hush, []);
  const kits = data?.kits ?? [];
  const unread = data?.unread.length ?? 0;
  return (
    <Sheet title="Kits" onClose={closeSheet} onNote={() => openNote(noteOfSheet('kits'))}>
      <Applied />
      {(isError || change.isError) && (
        <Text style={styles.problem} role="alert">
          {isError
            ? 'The browser did not give the kits it keeps. Reload the page and try again.'
            : 'The browser did not keep that: its storage may be full. Delete frames you do not need, or save the kit as a file.'}
        </Text>
      )}
      {unread > 0 && <Text style={SHEET_TEXT.about}>{unreadWords(unread)}</Text>}
      <SaveKit onSave={(kit) => change.mutate(added(kit))} />
      {kits.map((kit) => (
        <OwnKit
          key={kit.id}
          kit={kit}
          onApply={() => apply(() => applyKit(kit))}
          onChange={change.mutate}
        />
      ))}
      <Text style={styles.head} role="heading">
        Starting points
      </Text>
      <StartingPoints onApply={apply} />
      <KitFiles kits={kits} onChange={change.mutate} />
    </Sheet>
  );
}

/** What was applied last, in whole, and the way back. */
function Applied() {
  const applied = useStore(appliedKitStore, (kit) => kit);
  if (!applied) return null;
  return (
    <View style={styles.applied}>
      <Text style={styles.words} testID="applied-kit">
        {`${applied.name}: ${applied.words}`}
      </Text>
      <Button label="Take back" name={`Take back ${applied.name}`} onPress={takeKitBack} />
    </View>
  );
}

function StartingPoints({ onApply }: { onApply: (work: () => void) => void }) {
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  if (!capabilities) return null;
  // As they usually begin: what the light here makes of them is said when they are applied.
  const now = fieldStore.get().settings;
  return STARTING_POINTS.map((point) => (
    <KitSlip
      key={point.id}
      name={point.name}
      parts={point.parts}
      settings={point.begin(now, capabilities)}
      about={[point.why, point.next]}
      onApply={() => onApply(() => void applyStartingPoint(point))}
    />
  ));
}

/**
 * What a kit holds unless it is said otherwise: how pictures are taken, not how they are written.
 */
const USUAL_PARTS: readonly KitPart[] = KIT_PARTS.filter(
  (part) => part !== 'files' && part !== 'marks',
);

const newId = (): string => crypto.randomUUID();

function SaveKit({ onSave }: { onSave: (kit: Kit) => void }) {
  const [naming, setNaming] = useState(false);
  const [parts, setParts] = useState(USUAL_PARTS);
  if (!naming)
    return (
      <View style={styles.actions}>
        <Button label="Save what is set ..." onPress={() => setNaming(true)} />
      </View>
    );
  const save = (name: string): void => {
    const { settings, monitors } = setUpNow();
    onSave({ version: 1, id: newId(), name, parts, settings: lightless(settings), monitors });
    setNaming(false);
  };
  return (
    <View style={styles.saving}>
      <KitParts parts={parts} onChange={setParts} />
      <NameField label="Kit’s name" action="Save" most={MAX_KIT_NAME} onName={save} />
    </View>
  );
}

interface KitFilesProps {
  readonly kits: readonly Kit[];
  readonly onChange: (change: KitChange) => void;
}

/** Kits as files: out, and in again. */
function KitFiles({ kits, onChange }: KitFilesProps) {
  const [said, setSaid] = useState<string | null>(null);
  const read = async (files: readonly File[]): Promise<void> => {
    const isKit = await kitCheck();
    const words: string[] = [];
    for (const file of files) {
      const found = kitsOfFile(await file.text(), isKit);
      if ('kits' in found && found.kits.length > 0) onChange(imported(found.kits, newId));
      words.push(importedWords(file.name, found));
    }
    setSaid(words.join(' '));
  };
  return (
    <>
      <View style={styles.actions}>
        <FileButton
          label="Open kit files ..."
          accept=".json,application/json"
          testID="open-kits"
          onFiles={(files) =>
            void read(files).catch(() => setSaid('The file could not be read. Try again.'))
          }
        />
        {kits.length > 0 && (
          <Button label="Save all as a file" onPress={() => saveKits('velmo-kits.json', kits)} />
        )}
      </View>
      {said && (
        <Text style={SHEET_TEXT.about} role="status">
          {said}
        </Text>
      )}
    </>
  );
}

const styles = StyleSheet.create({
  applied: { flexDirection: 'row', alignItems: 'center', gap: 8 },
  words: {
    flex: 1,
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(20),
    color: COLOUR.light,
  },
  problem: {
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(20),
    color: COLOUR.light,
  },
  head: { fontFamily: FONT.medium, fontSize: typePx(15), color: COLOUR.lightSoft, marginTop: 4 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 6 },
  saving: { gap: 8 },
});
