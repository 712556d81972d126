export { CombineScreen as default } from '../screens/lateScreens';
