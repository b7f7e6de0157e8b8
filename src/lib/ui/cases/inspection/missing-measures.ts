import type { CheckResult } from '$lib/core/workstation/checks/check-corner';
import type { FindingTick } from '$lib/core/cases/case-assessment/vocabulary';

/**
 * What a record says where no step and no equipment stands in it: that something is still to be done, that the problems it lists were put
 * right, or that nothing was needed. Only the last is said where no problem and no height is off.
 */
export function missingMeasures({
	problems,
	standing
}: {
	readonly problems: readonly { readonly how: FindingTick | null }[];
	readonly standing: readonly Pick<CheckResult, 'verdict'>[];
}): 'noMeasuresYet' | 'measuresAbove' | 'noMeasures' {
	if (problems.some(({ how }) => how !== 'done') || standing.some(({ verdict }) => verdict === 'off'))
		return 'noMeasuresYet';
	return problems.length > 0 ? 'measuresAbove' : 'noMeasures';
}
