import { StyleSheet } from 'react-native';
import { COLOUR, FONT, typePx } from './theme';

/** Words on a screen of its own: what is said, and explanation. */
export const SCREEN_TEXT = StyleSheet.create({
  text: {
    fontFamily: FONT.regular,
    fontSize: typePx(17),
    lineHeight: typePx(23),
    color: COLOUR.light,
  },
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(20),
    color: COLOUR.lightSoft,
  },
});
