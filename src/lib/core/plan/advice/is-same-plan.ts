import type { Plan } from '../plan-corner';

/** Whether two plans build the same at every station. */
export const isSamePlan = (a: Plan, b: Plan): boolean =>
	JSON.stringify(a.stations) === JSON.stringify(b.stations);
