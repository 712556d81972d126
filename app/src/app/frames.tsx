export { FramesScreen as default } from '../screens/frames/FramesScreen';
