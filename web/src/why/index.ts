export { Steps, WhyKey } from './WhyKey';
export { Reckoned, WhyOfPlan } from './WhyOfPlan';
