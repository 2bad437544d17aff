export { DrillPage } from './drill/DrillPage';
export { ProgressPage } from './learner/ProgressPage';
export { KnotsPage } from './knots/KnotsPage';
export { PracticePage } from './PracticePage';
export { TyingPage } from './knots/TyingPage';
