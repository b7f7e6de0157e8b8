import { deskWords } from '$lib/messages/desk';

/** What decides which parts a case has, and their counts. */
interface Counted {
	readonly hasUnread: boolean;
	readonly corner: object | null;
	readonly checklist: object | null;
	readonly assessmentResult: { readonly plan: { readonly done: number; readonly of: number } | null } | null;
	readonly equipment: readonly unknown[];
	readonly referrals: readonly { readonly endedAt: Date | null }[];
}

/** The parts of a case, in order. */
export function casePartsOf({
	hasUnread,
	corner,
	checklist,
	assessmentResult,
	equipment,
	referrals
}: Counted) {
	const texts = deskWords.cases;
	const words = texts.parts;
	const plan = assessmentResult?.plan;
	const open = referrals.some(({ endedAt }) => endedAt === null);
	return [
		{ id: 'timeline', words: words.timeline, ...(hasUnread ? { count: texts.newPart } : {}) },
		...(corner
			? [
					{ id: 'checks', words: words.checks },
					{
						id: 'plan',
						words: words.plan,
						...(plan && plan.of > 0 ? { count: texts.stepsDone(plan.done, plan.of) } : {})
					}
				]
			: []),
		...(checklist ? [{ id: 'answers', words: words.answers }] : []),
		{ id: 'follow-up', words: words['follow-up'] },
		{
			id: 'things',
			words: words.things,
			...(equipment.length > 0 ? { count: String(equipment.length) } : {})
		},
		{ id: 'clinician', words: words.clinician, ...(open ? { count: '1' } : {}) },
		{ id: 'person', words: words.person }
	];
}
