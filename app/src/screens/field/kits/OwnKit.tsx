import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { kitFileText, lightless, MAX_KIT_NAME, type Kit } from '@velmo/core/kits';
import { Button } from '../../../instruments/Button';
import { saveToComputer } from '../../../storage/save';
import { COLOUR } from '../../../theme/theme';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { NameField } from '../../roll/NameField';
import { setUpNow } from '../commands/kitCommands';
import { KitParts } from './KitParts';
import { KitSlip } from './KitSlip';
import { deleted, moved, replaced, type KitChange } from './kitList';

interface OwnKitProps {
  readonly kit: Kit;
  readonly onApply: () => void;
  readonly onChange: (change: KitChange) => void;
}

/** A kit of the photographer's: applied by a tap; behind *Edit* everything else. */
export function OwnKit({ kit, onApply, onChange }: OwnKitProps) {
  const [editing, setEditing] = useState(false);
  const { name } = kit;
  return (
    <View style={editing && styles.open}>
      <KitSlip {...kit} about={[kit.parts.join(', ')]} onApply={onApply}>
        <Button
          label="Edit"
          name={`Edit ${name}`}
          pressed={editing}
          onPress={() => setEditing(!editing)}
          style={styles.edit}
          ink
        />
      </KitSlip>
      {editing && <KitEditing kit={kit} onChange={onChange} />}
    </View>
  );
}

/** Told apart by what they are saved as. */
const fileName = (name: string): string =>
  `velmo-kit-${name.toLowerCase().replace(/[^\p{L}\p{N}]+/gu, '-')}.json`;

/** Writes kits into a file. */
export const saveKits = (name: string, kits: readonly Kit[]): void =>
  saveToComputer(name, new Blob([kitFileText(kits)], { type: 'application/json' }));

function KitEditing({ kit, onChange }: Pick<OwnKitProps, 'kit' | 'onChange'>) {
  const [deleting, setDeleting] = useState(false);
  const { name } = kit;
  const change = (part: Partial<Kit>): void => onChange(replaced({ ...kit, ...part }));
  const update = (): void => {
    const { settings, monitors } = setUpNow();
    change({ settings: lightless(settings), monitors });
  };
  return (
    <View style={styles.editing}>
      <NameField
        label="Kit’s name"
        action="Rename"
        most={MAX_KIT_NAME}
        name={name}
        onName={(next) => change({ name: next })}
      />
      <KitParts parts={kit.parts} onChange={(parts) => change({ parts })} />
      <View style={styles.actions}>
        <Button label="Update" name={`Update: ${name} becomes what is set now`} onPress={update} />
        <Button label="Up" name={`Up: move ${name} up`} onPress={() => onChange(moved(kit, -1))} />
        <Button
          label="Down"
          name={`Down: move ${name} down`}
          onPress={() => onChange(moved(kit, 1))}
        />
        <Button
          label="Save file"
          name={`Save file of ${name}`}
          onPress={() => saveKits(fileName(name), [kit])}
        />
        <Button label="Delete ..." name={`Delete ... ${name}`} onPress={() => setDeleting(true)} />
      </View>
      {deleting && (
        <View style={styles.actions}>
          <Text style={SHEET_TEXT.about}>It is gone for good then.</Text>
          <Button label="Delete it" onPress={() => onChange(deleted(kit))} />
          <Button label="Keep it" onPress={() => setDeleting(false)} />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  open: { borderWidth: 1, borderColor: COLOUR.line, borderRadius: 4 },
  editing: { gap: 8, padding: 8 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 6 },
  edit: { marginRight: 6 },
});
