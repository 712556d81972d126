import { StyleSheet } from 'react-native';
import { COLOUR, FONT, typePx } from './theme';

/** Words of explanation on a sheet. */
export const SHEET_TEXT = StyleSheet.create({
  head: { fontFamily: FONT.medium, fontSize: typePx(15), color: COLOUR.lightSoft },
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
});
