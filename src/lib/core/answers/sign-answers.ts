import { EMERGENCY_SIGNS, PROFESSIONAL_SIGNS, type Sign } from '../discomfort';
import type { Answers } from './fields';
import type { FieldIssue } from './read-length';
import { signField } from './walk-answers';

/** The two groups in which signs are asked. Each can be answered with one tap where none of it is there. */
export const SIGN_GROUPS = {
	emergency: EMERGENCY_SIGNS,
	professional: PROFESSIONAL_SIGNS
} as const satisfies Record<string, readonly Sign[]>;

/** Name of one of the groups. */
export type SignGroup = keyof typeof SIGN_GROUPS;

/** Whether a text names a group. */
export function isSignsGroup(text: string | undefined): text is SignGroup {
	return text !== undefined && Object.hasOwn(SIGN_GROUPS, text);
}

/** Signs that were neither answered with yes nor with no: the first of each group. Not answered is never no. */
export function issuesOfSigns(answers: Answers): FieldIssue[] {
	return Object.values(SIGN_GROUPS).flatMap((signs): FieldIssue[] => {
		const open = signs.find((sign) => !answers[signField(sign)]);
		return open ? [{ field: signField(open), code: 'missing' }] : [];
	});
}
