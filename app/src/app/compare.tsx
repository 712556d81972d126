export { CompareScreen as default } from '../screens/lateScreens';
