export { ReceivedScreen as default } from '../screens/lateScreens';
