import { currentCornerOf, planItemStates } from '../../core/case-assessment';
import { setUpAsMeasured } from '../../core/checks';
import { remeasuredHeightsOf, type RemeasuredHeights } from '../../core/side-view';
import type { StoredPlan } from './current-plan';
import type { LoadedCaseRecord } from '../case-assessments/load-case-record';

/** How far a plan is, and the corner as it stands, for drawings: worked out by the same function as the judgement. */
export interface PlanProgress {
	/** Things that are carried out and stand. */
	readonly done: readonly string[];
	/** The heights as they are now. */
	readonly lengths: RemeasuredHeights;
	/** Whether anything was measured again since the plan was made. */
	readonly isMeasured: boolean;
}

/** The corner of a spot as it stands. @param plan the plan that the file is about */
export function planProgressOf(
	{ file }: Pick<LoadedCaseRecord, 'file'>,
	plan: Pick<StoredPlan, 'corner' | 'plan'>
): PlanProgress {
	const things = planItemStates(file);
	const standing = currentCornerOf(file, plan.corner);
	return {
		done: things.filter(({ stands }) => stands).map(({ thing }) => thing),
		lengths: remeasuredHeightsOf(plan.corner, standing?.setUp ?? setUpAsMeasured(plan.corner)),
		isMeasured: file.measured.length > 0
	};
}
