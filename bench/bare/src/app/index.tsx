import { Text } from 'react-native';

/** The least that a page of this kind can be: one word. */
export default function Bare() {
  return <Text>Salt</Text>;
}
