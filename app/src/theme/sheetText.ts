import { StyleSheet } from 'react-native';
import { COLOUR, FONT } from './theme';

/** Words of explanation on a sheet. */
export const SHEET_TEXT = StyleSheet.create({
  head: { fontFamily: FONT.medium, fontSize: 15, color: COLOUR.lightSoft },
  about: { fontFamily: FONT.regular, fontSize: 15, lineHeight: 19, color: COLOUR.lightSoft },
});
