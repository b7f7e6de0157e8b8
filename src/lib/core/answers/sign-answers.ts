import { CLINICIAN_SIGNS, EMERGENCY_SIGNS, isDistress, URGENT_SIGNS, type Sign } from '../discomfort';
import type { Answers } from './fields';
import type { FieldIssue } from './read-length';
import { signField } from './walk-answers';

/** The groups in which signs are asked, gravest first. Each can be answered with one tap where none of it is there. */
export const SIGN_GROUPS = {
	emergency: EMERGENCY_SIGNS.filter((sign) => !isDistress(sign)),
	urgent: URGENT_SIGNS,
	professional: CLINICIAN_SIGNS,
	distress: EMERGENCY_SIGNS.filter(isDistress)
} as const satisfies Record<string, readonly Sign[]>;

/** Name of one of the groups. */
export type SignGroup = keyof typeof SIGN_GROUPS;

/** The groups in the order in which they are asked. */
export const SIGN_GROUP_NAMES = Object.keys(SIGN_GROUPS) as readonly SignGroup[];

/** What one tap says no to: a group of signs, any discomfort, or anything to spare at home. */
export const NONE_GROUPS = [...SIGN_GROUP_NAMES, 'hurts', 'hasThings'] as const;

/** One of {@link NONE_GROUPS}. */
export type NoneGroup = (typeof NONE_GROUPS)[number];

/** The fields that a tap on "none of these" fills; what was answered with yes stays, so that the tap then says no to the others. */
export function fieldsOfNone(group: NoneGroup, answers: Answers): Record<string, string> {
	if (!isSignsGroup(group)) return { [group]: 'no' };
	const signs: readonly Sign[] = SIGN_GROUPS[group];
	return Object.fromEntries(
		signs
			.map(signField)
			.filter((field) => answers[field] !== 'yes')
			.map((field) => [field, 'no'])
	);
}

/** Whether a text names what one tap says no to. */
export function isNoneGroup(text: string | undefined): text is NoneGroup {
	return NONE_GROUPS.some((group) => group === text);
}

/** Whether a text names a group. */
function isSignsGroup(text: string | undefined): text is SignGroup {
	return text !== undefined && Object.hasOwn(SIGN_GROUPS, text);
}

/** Signs that were neither answered with yes nor with no: the first of each group. Not answered is never no. */
export function issuesOfSigns(answers: Answers): FieldIssue[] {
	return Object.values(SIGN_GROUPS).flatMap((signs): FieldIssue[] => {
		const open = signs.find((sign) => !answers[signField(sign)]);
		return open ? [{ field: signField(open), code: 'missing' }] : [];
	});
}
