import { pairWith, resumeHandoff } from './handOff';
import { handoffStore } from './handoffStore';
import { takePairingSecret } from './pairingSecret';

/** Pairs this device where the page was opened by a code; else goes on with what waits. */
export async function pairOrResume(onPaired: (words: string) => void): Promise<void> {
  const secret = takePairingSecret();
  await resumeHandoff();
  if (secret === null) return;
  try {
    const computer = await pairWith(secret);
    onPaired(`Paired with ${computer}: Deliver ... sends frames there.`);
  } catch {
    // The code was scanned again, to open Velmo: nothing has changed.
    const { pairing } = handoffStore.get();
    onPaired(
      pairing
        ? `Paired with ${pairing.computer} already.`
        : 'That code was used before, or is too old. The computer’s page makes another.',
    );
  }
}
