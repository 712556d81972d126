export { FramesScreen as default } from '../screens/lateScreens';
