import { StyleSheet, View } from 'react-native';

/**
 * Screens on one another: the one in front is shown, those beneath it stay as they are. In the
 * place of the router's own view, whose headers, buttons and searches no screen here has.
 */
export function NativeStackView({ state, descriptors }) {
  return state.routes.map(({ key }, i) => {
    const { options, render } = descriptors[key];
    const inFront = i === state.index;
    return (
      <View
        key={key}
        aria-hidden={!inFront}
        style={[StyleSheet.absoluteFill, !inFront && styles.beneath]}
      >
        <View style={[styles.content, options.contentStyle]}>{render()}</View>
      </View>
    );
  });
}

const styles = StyleSheet.create({
  beneath: { display: 'none' },
  content: { flex: 1 },
});
