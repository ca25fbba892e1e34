/** Databases as earlier versions left them, for whoever moves them over. */
export { formerDatabase } from './formerDatabase';
export { formerPlans } from './formerPlans';
