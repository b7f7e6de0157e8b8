import type { ContactResult, ContactWay, ContactNextStep } from '$lib/core/contact';

/** What a contact's parts are called on the desk. */
export const CONTACT_WORDS = {
	how: { phone: 'Phone', message: 'Message', video: 'Video call', 'in-person': 'In person' } satisfies Record<
		ContactWay,
		string
	>,
	result: {
		reached: 'Reached someone',
		'no-answer': 'No answer',
		'left-word': 'Left word',
		'wrong-number': 'Wrong number'
	} satisfies Record<ContactResult, string>,
	next: {
		look: 'Look again on a day',
		referral: 'The clinician who was asked',
		nothing: 'Nothing more'
	} satisfies Record<ContactNextStep, string>
} as const;
