import type { Region } from '../cases/discomfort/regions';
import type { BodyCondition } from './choose-exercise-set';
import type { BreakSchedule, StandingShare } from './break-schedules';
import type { WorkPlace } from './schedule-places';

/** What a person's day is planned from and their breaks are chosen by. */
export interface BreakProfile {
	/** Set by their coordinator or their round. */
	readonly sentBreakSchedule: BreakSchedule;
	/** Their own choice; null where they kept what was set. */
	readonly chosenBreakSchedule: BreakSchedule | null;
	readonly share: StandingShare;
	/** Whether weekly totals are shared with the coordinators. */
	readonly isShared: boolean;
	readonly body: Omit<BodyCondition, 'dropped'>;
	readonly hurts: readonly Region[];
	readonly isLaptopAlone: boolean;
	/** Where they can work, the usual place first. */
	readonly places: readonly WorkPlace[];
}
