import { counted, sentence } from '../platform/counted';

const count = (n: number, one: string, many: string) => `${counted(n)} ${n === 1 ? one : many}`;

/** Why cases are left out when many are marked as done at once. */
export const leftOutSentence = (n: number) =>
	`${n} left out. ${n === 1 ? 'It has' : 'Each has'} an open warning sign, an open hazard or an unread message.`;

/** Sentences of the day sheet. */
export const sheetTexts = {
	/** The day in one or two sentences. */
	summary: ({
		total,
		toAcknowledge,
		waiting
	}: {
		readonly total: number;
		readonly toAcknowledge: number;
		readonly waiting: number;
	}) =>
		[
			total === 0
				? 'No one needs you today.'
				: total === 1
					? 'One person needs you.'
					: sentence(`${counted(total)} people need you.`),
			...(toAcknowledge > 0
				? [sentence(`${count(toAcknowledge, 'new answer', 'new answers')} with nothing to do.`)]
				: []),
			...(waiting > 0
				? [sentence(`${count(waiting, 'self-assessment', 'self-assessments')} not answered yet.`)]
				: [])
		].join(' '),
	/** How long a line has waited, and by when to act on it. Days are whole numbers; dates are in readable form. */
	due: {
		referred: (waits: number, answerBy: string | null) =>
			answerBy !== null
				? `${count(waits, 'day', 'days')}, answer by ${answerBy}`
				: `asked ${waits === 0 ? 'today' : `${count(waits, 'day', 'days')} ago`}`,
		followUp: (waits: number) => (waits === 0 ? 'due today' : `due ${count(waits, 'day', 'days')} ago`),
		late: (day: string) => `late since ${day}`,
		waits: (waits: number, by: string | null) =>
			`${waits === 0 ? 'today' : `waits ${count(waits, 'day', 'days')}`}${by === null ? '' : `, by ${by}`}`
	},
	/**
	 * The last act: the act, its time and its author.
	 * @param waits whether the person has not answered it yet
	 */
	lastAct: (act: string, when: string, by: string, waits: boolean) =>
		`${act} ${when} by ${by}${waits ? '; waiting for their answer' : ''}`,
	/** A follow-up that is due, where nobody wrote down why. */
	followUpDue: 'Follow-up',
	/** A case postponed to a day, with the reason. */
	postponed: (until: string, reason: string) => `until ${until}: ${reason}`,
	/** The lines shown, and all that there are. */
	firstShown: (lines: number, n: number) =>
		`The first ${lines} of ${counted(n)} are shown. The rest move up as you deal with these.`,
	/** The number of items on their way. */
	onTheWay: (n: number) =>
		sentence(`${count(n, 'item of equipment is', 'items of equipment are')} on the way.`),
	/** People whose emails are returned. */
	bounced: (n: number) => `Emails to ${count(n, 'person are', 'people are')} returned.`,
	/** The number of cases still to be assessed again, for instance after an update. */
	rejudging: (n: number) =>
		`We’re assessing ${count(n, 'case', 'cases')} again with the new rules, so this list isn't complete yet. Reload the page in a few minutes.`,
	/** The number of emails made due by an update or an import and not released. */
	held: (n: number) =>
		`${sentence(count(n, 'email is', 'emails are'))} waiting for your release. An update, new settings or an import made ${n === 1 ? 'it' : 'them'} due.`,
	/** The number of emails that the mail server refused and nobody has received. */
	refusedEmails: ({ n, words }: { n: number; words: string }) =>
		`${sentence(count(n, 'email', 'emails'))} didn’t go out, because the mail server refused ${n === 1 ? 'it' : 'them'}${words ? `. It said: “${words}”` : '.'}`,
	/** After cases were marked as done. */
	markedDone: (n: number, leftOut: number) =>
		`${
			n === 1
				? 'Marked as done. Equipment requests that aren’t decided stay on the list.'
				: `${n} cases marked as done.`
		}${leftOut === 0 ? '' : ` ${leftOutSentence(leftOut)}`}`,
	followUpsDone: (n: number, leftOut: number) =>
		`${n === 1 ? 'One follow-up is' : `${n} follow-ups are`} done.${
			leftOut === 0 ? '' : ` ${leftOut === 1 ? 'One person has' : `${leftOut} people have`} none due.`
		}`,
	undone: 'Undone. Everything is as it was before.'
};
