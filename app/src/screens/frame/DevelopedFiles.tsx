import type { OutputSpace } from '@velmo/core/colour';
import { useState } from 'react';
import { View, StyleSheet } from 'react-native';
import { DEVELOPED_KINDS, type DevelopedKind } from '../../frame/developedKinds';
import { Button } from '../../instruments/Button';
import { Choice } from '../../instruments/Choice';

interface DevelopedFilesProps {
  /** The frame has a recipe: its files are offered at once. */
  readonly open: boolean;
  /** The kind that is being made. */
  readonly saving: string | null;
  readonly disabled: boolean;
  readonly onSave: (label: string, kind: DevelopedKind, space: OutputSpace) => void;
}

const LABELS: Readonly<Record<DevelopedKind, string>> = {
  jpeg: 'JPEG',
  tiff: '16-bit TIFF',
  png: '16-bit PNG',
};

/** Saves the raw as a finished picture, by its recipe. */
export function DevelopedFiles({ open, saving, disabled, onSave }: DevelopedFilesProps) {
  const [opened, setOpened] = useState(false);
  const [space, setSpace] = useState<OutputSpace>('srgb');
  if (!open && !opened)
    return (
      <View style={styles.row}>
        <Button label="Save developed ..." disabled={disabled} onPress={() => setOpened(true)} />
      </View>
    );
  return (
    <View style={styles.group} role="group" aria-label="Developed picture">
      <Choice<OutputSpace>
        label="Colours"
        options={[
          { value: 'srgb', label: 'sRGB', name: 'Colours: sRGB' },
          { value: 'display-p3', label: 'Display P3', name: 'Colours: Display P3' },
        ]}
        value={space}
        onChoose={setSpace}
      />
      <View style={styles.row}>
        {DEVELOPED_KINDS.map((kind) => {
          const label = `developed ${LABELS[kind]}`;
          return (
            <Button
              key={kind}
              label={`${saving === label ? 'Making' : 'Save'} ${label}`}
              disabled={disabled}
              onPress={() => onSave(label, kind, space)}
            />
          );
        })}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  group: { gap: 8 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
