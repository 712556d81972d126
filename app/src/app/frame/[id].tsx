export { FrameScreen as default } from '../../screens/lateScreens';
