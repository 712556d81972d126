import './src/start';
import 'expo-router/entry';
