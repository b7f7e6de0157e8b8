import { newestChecklist, CHECKLIST_VERSIONS, type Checklist } from '../checklist';
import { CORE_VERSION } from '../case-assessment/versions';
import { TRIAGE_POLICIES, type TriagePolicy } from '../triage';

/** What a case is judged by. A judgement keeps the version of each. */
export interface Rules {
	readonly policy: TriagePolicy;
	readonly checklist: Checklist;
}

/** The rules that new answers are asked and judged by: the one place that says which versions those are. */
export const RULES_IN_FORCE: Rules = {
	policy: newestChecklist(TRIAGE_POLICIES),
	checklist: newestChecklist(CHECKLIST_VERSIONS)
};

/**
 * Names the versions of everything that a judgement rests on. A case that was judged under another name is judged again; what that alone makes
 * due is held back until a coordinator releases it.
 */
function rulesVersionOf({ policy, checklist }: Rules): string {
	return `core ${CORE_VERSION}, checklist ${checklist.version}, policy ${policy.version}`;
}

/** The name of {@link RULES_IN_FORCE}. */
export const RULES_VERSION = rulesVersionOf(RULES_IN_FORCE);
