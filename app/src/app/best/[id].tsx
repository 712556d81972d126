export { BestScreen as default } from '../../screens/lateScreens';
