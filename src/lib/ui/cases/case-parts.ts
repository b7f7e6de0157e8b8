/** What the parts of a case are counted by. */
interface Counted {
	readonly hasUnread: boolean;
	readonly corner: object | null;
	readonly checklist: object | null;
	readonly judgement: { readonly plan: { readonly done: number; readonly of: number } | null } | null;
	readonly equipment: readonly unknown[];
	readonly referrals: readonly { readonly endedAt: Date | null }[];
}

/** The parts of a case that there are, in the order in which they stand. */
export function casePartsOf({ hasUnread, corner, checklist, judgement, equipment, referrals }: Counted) {
	const plan = judgement?.plan;
	const open = referrals.some(({ endedAt }) => endedAt === null);
	return [
		{ id: 'timeline', words: 'Timeline', ...(hasUnread ? { count: 'new' } : {}) },
		...(corner
			? [
					{ id: 'checks', words: 'Checks' },
					{
						id: 'plan',
						words: 'Plan',
						...(plan && plan.of > 0 ? { count: `${plan.done} of ${plan.of}` } : {})
					}
				]
			: []),
		...(checklist ? [{ id: 'answers', words: 'Answers' }] : []),
		{ id: 'follow-up', words: 'Follow-up' },
		{ id: 'things', words: 'Things', ...(equipment.length > 0 ? { count: String(equipment.length) } : {}) },
		{ id: 'clinician', words: 'Clinician', ...(open ? { count: '1' } : {}) },
		{ id: 'person', words: 'Person' }
	];
}
