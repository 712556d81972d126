export { RollScreen as default } from '../screens/lateScreens';
