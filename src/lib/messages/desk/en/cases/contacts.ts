import type { ContactNextStep, ContactResult, ContactWay, LookResult } from '$lib/core/cases/contact';

/** The parts of a contact: its way, its result and the next step. */
export const contactTexts = {
	how: { phone: 'Phone', message: 'Message', video: 'Video call', 'in-person': 'In person' } satisfies Record<
		ContactWay,
		string
	>,
	result: {
		reached: 'Reached them',
		'no-answer': 'No answer',
		'left-word': 'Left a message',
		'wrong-number': 'Wrong number'
	} satisfies Record<ContactResult, string>,
	next: {
		look: 'Follow-up',
		referral: 'Referral to a clinician',
		nothing: 'No next step'
	} satisfies Record<ContactNextStep, string>,
	look: { 'not-looked': 'Not looked at', fits: 'Fits', problem: 'A problem' } satisfies Record<
		LookResult | 'not-looked',
		string
	>
};
