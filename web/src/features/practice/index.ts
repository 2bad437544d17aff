export { DrillPage } from './drill/DrillPage';
export { PracticePage } from './PracticePage';
