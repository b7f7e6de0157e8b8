import { newestChecklist, CHECKLIST_VERSIONS, type Checklist } from '../../questionnaire/checklist/checklist';
import { CORE_VERSION } from '../../cases/case-assessment/versions';
import { TRIAGE_POLICIES, type TriagePolicy } from '../../cases/triage/policy';

/** What a case is assessed by. An assessment records the version of each. */
export interface Rules {
	readonly policy: TriagePolicy;
	readonly checklist: Checklist;
	/** Version of the organisation's days off, by which days are counted; 0 for public holidays only. */
	readonly daysOffVersion: number;
}

/** The rules as the software comes: used until an organisation publishes settings of its own. */
export const SHIPPED_RULES: Rules = {
	policy: newestChecklist(TRIAGE_POLICIES),
	checklist: newestChecklist(CHECKLIST_VERSIONS),
	daysOffVersion: 0
};

/** Names the versions of what comes with the software: an update changes them, and nothing that an organisation publishes does. */
export const softwareVersionOf = ({ checklist }: Pick<Rules, 'checklist'>): string =>
	`core ${CORE_VERSION}, checklist ${checklist.version}`;

/**
 * Names the versions of everything an assessment rests on. A case assessed under another name is assessed again; whatever falls due by that
 * alone is held back until a coordinator releases it.
 */
export function rulesVersionOf({ policy, checklist, daysOffVersion }: Rules): string {
	const daysOff = daysOffVersion > 0 ? `, days off ${daysOffVersion}` : '';
	return `${softwareVersionOf({ checklist })}${daysOff}, policy ${policy.version}`;
}

/** The name of {@link SHIPPED_RULES}. */
export const SHIPPED_RULES_VERSION = rulesVersionOf(SHIPPED_RULES);
