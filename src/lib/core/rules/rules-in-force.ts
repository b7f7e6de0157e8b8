import { newestOf, VERSIONS, type Checklist } from '../checklist';
import { POLICIES, type Policy } from '../triage';

/** What a case is judged by. A judgement keeps the version of each. */
export interface Rules {
	readonly policy: Policy;
	readonly checklist: Checklist;
}

/** The rules that new answers are asked and judged by: the one place that says which versions those are. */
export const RULES_IN_FORCE: Rules = {
	policy: newestOf(POLICIES),
	checklist: newestOf(VERSIONS)
};
