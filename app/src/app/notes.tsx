export { NotesScreen as default } from '../screens/lateScreens';
