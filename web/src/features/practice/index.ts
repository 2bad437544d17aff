export { PracticePage } from './PracticePage';
