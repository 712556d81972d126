export { DrillsScreen as default } from '../screens/lateScreens';
