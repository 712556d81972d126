export { NotFoundScreen as default } from '../screens/NotFoundScreen';
