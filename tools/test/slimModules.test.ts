import { createRequire } from 'node:module';
import { join } from 'node:path';

const { slimModule } = createRequire(__filename)('../../app/slimModules') as {
  slimModule(from: string, name: string, to: string): string | null;
};

const ROOT = join(__dirname, '../..');
const router = (file: string): string => join(ROOT, 'node_modules/expo-router/build', file);
const whole = join(ROOT, 'node_modules/react-native-web/dist/index.js');

describe('what the first scripts come without', () => {
  test('a module no screen needs is nothing, the stack’s view ours; others stay', () => {
    const instead = (file: string): string | null =>
      slimModule(router('exports.js'), './x', router(file));
    expect(instead('views/Sitemap.js')).toBe(join(ROOT, 'app/slim/nothing.js'));
    expect(instead('react-navigation/native-stack/views/NativeStackView.js')).toBe(
      join(ROOT, 'app/slim/stackView.js'),
    );
    expect(instead('hooks/useRouter.js')).toBeNull();
  });

  test('packages get parts of React Native; one that needs more stops the build, with its name', () => {
    const asks = (file: string): string | null => slimModule(file, 'react-native', whole);
    expect(asks(router('ui/Slot.js'))).toBe(join(ROOT, 'app/slim/reactNative.js'));
    expect(asks(join(ROOT, 'app/src/screens/SafetyNet.tsx'))).toBeNull();
    expect(() => asks(router('views/ErrorBoundary.js'))).toThrow(
      /ErrorBoundary\.js uses (ScrollView|TextInput) of react-native: list it/,
    );
  });
});
