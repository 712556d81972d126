import { AS_EXPOSED, AS_TAKEN, type Reframe } from '@velmo/core/recipe';
import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { Choice } from '../../instruments/Choice';
import type { StoredFile, StoredKind } from '../../storage/frames/frameRecord';
import { rawOf, type ListedFrame } from '../../storage/frames/madeFrame';
import { fileBlob, saveToComputer } from '../../storage/save';
import { SCREEN_TEXT } from '../../theme/screenText';
import { WorkerLost } from '../../workers/startedWorker';
import { DevelopedFiles } from './DevelopedFiles';
import type { OpenedFrame } from './useFrameView';

interface SaveButtonsProps {
  readonly frame: ListedFrame;
  readonly opened: OpenedFrame;
}

/** What files of a frame can be saved, as they are or as it is seen. */
type Saves = 'taken' | 'seen';

const megabytes = (bytes: number): string => `${(bytes / 1e6).toFixed(1)} MB`;

/** "DNG"; of another maker's raw, what its name ends with. */
const kindWords = ({ kind, name }: StoredFile): string =>
  (kind === 'raw' ? name.slice(name.lastIndexOf('.') + 1) : kind).toUpperCase();

/** Kinds that are saved as they are seen in their own kind; all others become JPEG. */
const KEEPS_KIND: readonly StoredKind[] = ['dng', 'jpeg', 'png', 'tiff'];

const FIRST_ORDER = { kind: 'jpeg', space: 'srgb' } as const;

/** Of "salt-works-0007.dng": "salt-works-0007-reframed.jpg". */
function namedAs({ name }: StoredFile, how: 'reframed' | 'developed', kind: StoredKind): string {
  const ending = kind === 'jpeg' ? 'jpg' : kind === 'tiff' ? 'tif' : kind;
  return `${name.replace(/\.[^.]*$/, '')}-${how}.${ending}`;
}

/** A worker's error comes as its name and words. */
const whyNot = (error: unknown): string =>
  !(error instanceof Error)
    ? 'The file could not be read.'
    : error.name === 'RangeError' || error instanceof WorkerLost
      ? 'There was too little memory to make this file. Close other tabs and try again, or save it untouched.'
      : error.message;

/** A button for each of the frame's files. */
export function SaveButtons({ frame, opened }: SaveButtonsProps) {
  const { record, decision } = frame;
  const { reframe, development } = decision;
  const raw = rawOf(frame);
  const [problem, setProblem] = useState<string | null>(null);
  const [saving, setSaving] = useState<string | null>(null);
  const [saves, setSaves] = useState<Saves>('seen');
  const save = async (label: string, work: () => Promise<[string, Blob]>): Promise<void> => {
    setProblem(null);
    setSaving(label);
    try {
      saveToComputer(...(await work()));
    } catch (error) {
      setProblem(whyNot(error));
    }
    setSaving(null);
  };
  const asTaken = (file: StoredFile) => ({
    label: `${kindWords(file)} · ${megabytes(file.bytes)}`,
    work: async (): Promise<[string, Blob]> => [
      file.name,
      fileBlob(file.kind, [await opened.bytes(file)]),
    ],
  });
  const asSeen = (file: StoredFile, to: Reframe) => ({
    label: KEEPS_KIND.includes(file.kind) ? file.kind.toUpperCase() : 'JPEG',
    async work(): Promise<[string, Blob]> {
      const { kind, blob } = await opened.framed(file, to);
      return [namedAs(file, 'reframed', kind), blob];
    },
  });
  const developed = (file: StoredFile, to: Reframe) => ({
    label: 'JPEG',
    async work(): Promise<[string, Blob]> {
      const order = { ...FIRST_ORDER, development: development ?? AS_EXPOSED, reframe: to };
      const { kind, blob } = await opened.developed(file, order);
      return [namedAs(file, 'reframed', kind), blob];
    },
  });
  const seen = reframe !== null && saves === 'seen' ? reframe : null;
  const [only] = record.files;
  const offered = record.files.map((file) => (seen ? asSeen(file, seen) : asTaken(file)));
  // A raw alone has no picture in which straightening could be seen.
  if (seen && !development && record.files.length === 1 && only.kind === 'dng')
    offered.push(developed(only, seen));
  return (
    <View style={styles.saving}>
      {reframe && (
        <Choice
          label="Files saved"
          options={[
            { value: 'seen', label: 'reframed', name: 'Files saved: reframed' },
            { value: 'taken', label: 'untouched', name: 'Files saved: untouched' },
          ]}
          value={saves}
          onChoose={setSaves}
        />
      )}
      <View style={styles.actions}>
        {offered.map(({ label, work }) => (
          <Button
            key={label}
            label={`${saving === label ? 'Saving' : 'Save'} ${label}`}
            disabled={saving !== null || !opened.summary}
            onPress={() => void save(label, work)}
          />
        ))}
      </View>
      {raw && (
        <DevelopedFiles
          open={development !== null}
          saving={saving}
          disabled={saving !== null || !opened.summary}
          onSave={(label, kind, space) =>
            void save(label, async () => {
              const recipe = development ?? AS_EXPOSED;
              const order = { kind, space, development: recipe, reframe: seen ?? AS_TAKEN };
              const { blob } = await opened.developed(raw, order);
              return [namedAs(raw, 'developed', kind), blob];
            })
          }
        />
      )}
      {seen && seen.tilt !== 0 && offered.some(({ label }) => label === 'DNG') && (
        <Text style={SCREEN_TEXT.about}>
          A raw cannot be straightened: its DNG holds all of what is seen. Level it in the developer
          you open it with.
        </Text>
      )}
      {problem && (
        <Text style={SCREEN_TEXT.text} role="alert">
          {problem}
        </Text>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  saving: { gap: 8 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
});
