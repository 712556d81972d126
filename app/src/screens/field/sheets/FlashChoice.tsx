import { Text } from 'react-native';
import type { FlashTiming } from '@velmo/core/settings';
import { FLASH_GUIDE_NUMBER } from '@velmo/core/simulate';
import { Choice } from '../../../instruments/Choice';
import { useStore } from '../../../state/store';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { session } from '../session/fieldSession';
import { fieldStore } from '../session/fieldState';

const FLASH_WORDS: Readonly<Record<FlashTiming, string>> = {
  off: 'off',
  begin: 'at the beginning',
  end: 'at the end',
};

/** Whether a flash fires, and when while the shutter is open; nothing where there is none. */
export function FlashChoice() {
  const timings = useStore(fieldStore, (s) => s.capabilities?.flash) ?? [];
  const flash = useStore(fieldStore, (s) => s.settings.flash);
  const isSimulated = useStore(fieldStore, (s) => s.capabilities?.hasRig ?? false);
  if (timings.length === 0) return null;
  return (
    <>
      <Choice
        label="Flash"
        options={(['off', ...timings] as const).map((timing) => {
          // A flash without a choice of timing is only on or off.
          const label = timings.length === 1 && timing !== 'off' ? 'fires' : FLASH_WORDS[timing];
          return { value: timing, label, name: `Flash ${label}` };
        })}
        value={flash}
        onChoose={(timing) => session.changeSettings((s) => ({ ...s, flash: timing }))}
      />
      {flash !== 'off' && (
        <Text style={SHEET_TEXT.about}>
          {isSimulated
            ? `Simulated, guide number ${FLASH_GUIDE_NUMBER} m: it comes on top of what is metered. The ladder shows a grey card in its light where focus stands.`
            : 'It fires with the camera’s own photograph: choose JPEG. How strong it is the camera does not tell.'}
        </Text>
      )}
    </>
  );
}
