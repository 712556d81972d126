import { Text } from 'react-native';
import { positioningStore } from '../../../camera/position';
import { Choice } from '../../../instruments/Choice';
import { useStore } from '../../../state/store';
import { chooseGeotag, geotagStore } from '../../../storage/kept/geotag';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { positionWords } from '../words/positionWords';

/** Whether frames say where they are taken: asked where files are chosen, and nowhere before. */
export function PlacePart() {
  const wanted = useStore(geotagStore, (on) => on);
  const says = useStore(positioningStore, positionWords);
  return (
    <>
      <Choice
        label="Place (GPS)"
        options={[
          { value: false, label: 'not told', name: 'Place: not told' },
          { value: true, label: 'in each file', name: 'Place: in each file' },
        ]}
        value={wanted}
        onChoose={chooseGeotag}
      />
      {wanted && (
        <Text style={SHEET_TEXT.about} role="status">
          {says}
        </Text>
      )}
    </>
  );
}
