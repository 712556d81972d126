export { FrameScreen as default } from '../../screens/frame/FrameScreen';
