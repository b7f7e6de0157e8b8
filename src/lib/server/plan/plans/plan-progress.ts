import { currentCornerOf } from '../../../core/cases/case-assessment/current-corner';
import { planItemStates } from '../../../core/cases/case-assessment/plan-item-states';
import { setUpAsMeasured } from '../../../core/workstation/checks/set-up';
import {
	remeasuredHeightsOf,
	type RemeasuredHeights
} from '../../../core/workstation/side-view/remeasured-heights';
import type { StoredPlan } from './current-plan';
import type { LoadedCaseRecord } from '../../cases/case-assessments/load-case-record';

/** The progress of a plan, and the workstation as it is now, for drawings: computed by the same function as the assessment. */
export interface PlanProgress {
	/** Items carried out and in place. */
	readonly done: readonly string[];
	readonly lengths: RemeasuredHeights;
	/** Whether anything was measured again since the plan was made. */
	readonly isMeasured: boolean;
}

/**
 * The workstation as it is now.
 * @param plan the plan in the case record
 */
export function planProgressOf(
	{ file }: Pick<LoadedCaseRecord, 'file'>,
	plan: Pick<StoredPlan, 'workstation' | 'plan'>
): PlanProgress {
	const things = planItemStates(file);
	const standing = currentCornerOf(file, plan.workstation);
	return {
		done: things.filter(({ stands }) => stands).map(({ thing }) => thing),
		lengths: remeasuredHeightsOf(plan.workstation, standing?.setUp ?? setUpAsMeasured(plan.workstation)),
		isMeasured: file.measured.length > 0
	};
}
