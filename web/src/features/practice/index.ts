export { DrillPage } from './drill/DrillPage';
export { ExercisePage } from './exercise/ExercisePage';
export { ProgressPage } from './learner/ProgressPage';
export { KnotsPage } from './knots/KnotsPage';
export { PracticePage } from './PracticePage';
export { TyingPage } from './knots/TyingPage';
