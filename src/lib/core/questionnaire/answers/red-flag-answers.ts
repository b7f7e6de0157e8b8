import {
	CLINICIAN_RED_FLAGS,
	EMERGENCY_RED_FLAGS,
	isDistressFlag,
	URGENT_RED_FLAGS,
	type RedFlag
} from '../../cases/discomfort/red-flags';
import type { Answers } from './fields';
import type { FieldIssue } from './read-length-field';
import { redFlagField } from './checklist-fields';

/** The groups in which warning signs are asked, the most serious first. Each can be answered at once if none applies. */
export const RED_FLAG_GROUPS = {
	emergency: EMERGENCY_RED_FLAGS.filter((sign) => !isDistressFlag(sign)),
	urgent: URGENT_RED_FLAGS,
	professional: CLINICIAN_RED_FLAGS,
	distress: EMERGENCY_RED_FLAGS.filter(isDistressFlag)
} as const satisfies Record<string, readonly RedFlag[]>;

/** Name of one of the groups. */
export type RedFlagGroup = keyof typeof RED_FLAG_GROUPS;

/** The groups in the order in which they are asked. */
export const RED_FLAG_GROUP_NAMES = Object.keys(RED_FLAG_GROUPS) as readonly RedFlagGroup[];

/** What one tap answers with no: a group of warning signs, all discomfort, or all household items. */
export const NONE_GROUPS = [...RED_FLAG_GROUP_NAMES, 'hurts', 'hasThings'] as const;

/** One of {@link NONE_GROUPS}. */
export type NoneGroup = (typeof NONE_GROUPS)[number];

/** The fields filled by "none of these". Signs already answered with yes stay, so the tap answers no to the others. */
export function noneOfTheseFields(group: NoneGroup, answers: Answers): Record<string, string> {
	if (!isSignsGroup(group)) return { [group]: 'no' };
	const signs: readonly RedFlag[] = RED_FLAG_GROUPS[group];
	return Object.fromEntries(
		signs
			.map(redFlagField)
			.filter((field) => answers[field] !== 'yes')
			.map((field) => [field, 'no'])
	);
}

/** Whether a text is a {@link NoneGroup}. */
export function isNoneGroup(text: string | undefined): text is NoneGroup {
	return NONE_GROUPS.some((group) => group === text);
}

/** Whether a text is a group of warning signs. */
function isSignsGroup(text: string | undefined): text is RedFlagGroup {
	return text !== undefined && Object.hasOwn(RED_FLAG_GROUPS, text);
}

/** Unanswered warning signs, the first of each group. Unanswered never counts as no. */
export function redFlagIssues(answers: Answers): FieldIssue[] {
	return Object.values(RED_FLAG_GROUPS).flatMap((signs): FieldIssue[] => {
		const open = signs.find((sign) => !answers[redFlagField(sign)]);
		return open ? [{ field: redFlagField(open), code: 'missing' }] : [];
	});
}
