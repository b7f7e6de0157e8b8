import { newestChecklist, CHECKLIST_VERSIONS, type Checklist } from '../checklist';
import { CORE_VERSION } from '../case-assessment/versions';
import { TRIAGE_POLICIES, type TriagePolicy } from '../triage';

/** What a case is assessed by. An assessment records the version of each. */
export interface Rules {
	readonly policy: TriagePolicy;
	readonly checklist: Checklist;
}

/** The rules for asking and assessing new answers: the one place that says which versions are in force. */
export const RULES_IN_FORCE: Rules = {
	policy: newestChecklist(TRIAGE_POLICIES),
	checklist: newestChecklist(CHECKLIST_VERSIONS)
};

/**
 * Names the versions of everything an assessment rests on. A case assessed under another name is assessed again; whatever falls due by that
 * alone is held back until a coordinator releases it.
 */
function rulesVersionOf({ policy, checklist }: Rules): string {
	return `core ${CORE_VERSION}, checklist ${checklist.version}, policy ${policy.version}`;
}

/** The name of {@link RULES_IN_FORCE}. */
export const RULES_VERSION = rulesVersionOf(RULES_IN_FORCE);
