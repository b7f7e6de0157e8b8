import { standingCorner, thingStates } from '../../core/judgement';
import { setUpAsMeasured } from '../../core/checks';
import { reMeasuredOf, type ReMeasured } from '../../core/section';
import type { KeptPlan } from './current-plan';
import type { ReadFile } from '../judgements/read-file';

/** How far a plan is, and the corner as it stands, for drawings: worked out by the same function as the judgement. */
export interface Standing {
	/** Things that are carried out and stand. */
	readonly done: readonly string[];
	/** The heights as they are now. */
	readonly lengths: ReMeasured;
	/** Whether anything was measured again since the plan was made. */
	readonly isMeasured: boolean;
}

/** The corner of a spot as it stands. @param plan the plan that the file is about */
export function standingOf(
	{ file }: Pick<ReadFile, 'file'>,
	plan: Pick<KeptPlan, 'corner' | 'plan'>
): Standing {
	const things = thingStates(file);
	const standing = standingCorner(file, plan.corner);
	return {
		done: things.filter(({ stands }) => stands).map(({ thing }) => thing),
		lengths: reMeasuredOf(plan.corner, standing?.setUp ?? setUpAsMeasured(plan.corner)),
		isMeasured: file.measured.length > 0
	};
}
