import { useEffect } from 'react';
import { useLocalSearchParams } from 'expo-router';
import { findScene } from '@velmo/core/scene';
import { LENSES } from '@velmo/core/optics';
import { DEFAULT_SETTINGS, settingsFromLink, type LinkQuery } from '@velmo/core/settings';
import { lastSettings } from '../../rolls/settingsStore';
import { sweepOrphans } from '../../rolls/frameStore';
import { closeCamera, openCamera } from './fieldSession';
import { DEFAULT_SCENE, fieldStore, type CameraChoice } from './fieldState';

const LENS_IDS = LENSES.map((l) => l.id);

/** The camera a link asks for. */
function choiceFromLink(query: LinkQuery): { choice: CameraChoice; problem: string | null } {
  if (query.device === 'browser') return { choice: { device: 'browser' }, problem: null };
  const known = query.scene === undefined || findScene(query.scene) !== undefined;
  return {
    choice: { device: 'simulated', scene: known ? (query.scene ?? DEFAULT_SCENE) : DEFAULT_SCENE },
    problem: known ? null : `scene=${query.scene?.slice(0, 24)}`,
  };
}

/** Opens Field the way its link says, with last time's settings for the rest; closes the camera on leaving. */
export function useOpening(): void {
  const query = useLocalSearchParams() as LinkQuery;
  const link = JSON.stringify(query);
  useEffect(() => {
    let left = false;
    const open = async (): Promise<void> => {
      const asked = JSON.parse(link) as LinkQuery;
      const { choice, problem } = choiceFromLink(asked);
      const base = (await lastSettings()) ?? DEFAULT_SETTINGS;
      if (left) return;
      const known = LENS_IDS.includes(base.lens) ? base : { ...base, lens: DEFAULT_SETTINGS.lens };
      const { settings, problems } = settingsFromLink(asked, known, LENS_IDS);
      fieldStore.update((s) => ({ ...s, settings }));
      await openCamera(choice);
      const unread = [...problems, problem].filter((p) => p !== null);
      if (unread.length > 0 && !left)
        fieldStore.update((s) => ({
          ...s,
          notice: {
            text: `The link asks for ${unread.join(', ')}: not understood, left as it was.`,
          },
        }));
    };
    void open();
    void sweepOrphans().catch(() => {});
    return () => {
      left = true;
      closeCamera();
    };
  }, [link]);
}
