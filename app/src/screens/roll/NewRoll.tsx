import { useDecide } from '../../storage/rolls/rollQueries';
import { MAX_ROLL_NAME, type RollRecord } from '../../storage/rolls/rollRecord';
import { NameField } from './NameField';

const newId = (): string => `roll-${crypto.randomUUID()}`;

/** Asks for a name and makes a roll of it. */
export function NewRoll({ onMade }: { readonly onMade: (roll: RollRecord) => void }) {
  const { mutate } = useDecide();
  const make = (name: string): void => {
    const roll: RollRecord = { version: 1, id: newId(), name, madeAt: Date.now() };
    mutate(
      { words: `Roll ${name} made`, change: { frames: [], rolls: [{ id: roll.id, roll }] } },
      { onSuccess: () => onMade(roll) },
    );
  };
  return <NameField label="New roll" action="Make" most={MAX_ROLL_NAME} onName={make} />;
}
