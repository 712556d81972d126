import { StyleSheet } from 'react-native';
import { COLOUR, FONT } from './theme';

/** Words of explanation on a sheet. */
export const SHEET_TEXT = StyleSheet.create({
  about: { fontFamily: FONT.regular, fontSize: 15, lineHeight: 19, color: COLOUR.lightSoft },
});
