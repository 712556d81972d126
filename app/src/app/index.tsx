export { FieldScreen as default } from '../screens/field/FieldScreen';
