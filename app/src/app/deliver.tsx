export { DeliverScreen as default } from '../screens/lateScreens';
