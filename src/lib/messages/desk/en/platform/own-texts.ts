import type { ReplyKind } from '$lib/core/platform/sending/own-texts';

/** Emails and suggested replies as the organisation words them. */
export const ownTextTexts = {
	replies: 'Suggested replies',
	repliesNote:
		'Suggested where you write to a person, in their language. Replies to warning signs can’t be changed.',
	otherNames: { round: 'Usual text of a round', 'referral-letter': 'End of the printed letter' },
	printed: 'As it’s printed',
	nothingAdded: 'Nothing is added: the letter ends as Easy Corner prints it.',
	replyNames: {
		severe: 'A lot of discomfort',
		'not-better': 'No better after the plan',
		moderate: 'Some discomfort',
		'hinders-much': 'It gets in the way of work',
		'back-again': 'It came back',
		unclosable: 'No plan fixes it',
		hazard: 'A hazard at the desk',
		stuck: 'The plan isn’t started',
		'open-plan': 'The plan isn’t finished',
		findings: 'Things to fix at home',
		'nothing-open': 'Nothing left to do',
		silent: 'No answer yet'
	} satisfies Record<ReplyKind, string>,
	subject: 'Subject',
	body: 'Text',
	fieldsHint: (fields: string) => `You can use ${fields}. Leave an empty line between paragraphs.`,
	health: 'Keep health out of emails: other people may see them.',
	saveAndLook: 'Save and preview',
	saved: 'Saved, and shown below as people would get it. Nothing is published yet.',
	published: 'Published. Emails already written stay as they are.',
	publishedReply: 'Published. It is suggested from now on.',
	discard: 'Discard this draft',
	discarded: 'The draft is discarded.',
	original: 'Go back to the original text',
	returned: 'The original text is used from now on.',
	isDraft: 'This is a draft. People still get the text before it.',
	isOwn: 'This is your own text.',
	isOriginal: 'This is the text Easy Corner comes with.',
	noTranslation:
		'Easy Corner has no reply in this language, so the English one is suggested until you write one.',
	preview: 'As the person sees it',
	versions: 'Earlier texts',
	originalVersion: 'Original text',
	wasOriginal: 'Back to the original text',
	use: 'Put this text into the form'
};
