export { DrillPage } from './drill/DrillPage';
export { KnotsPage } from './knots/KnotsPage';
export { PracticePage } from './PracticePage';
