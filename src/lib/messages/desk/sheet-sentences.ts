const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

/** The day in one sentence or two. */
export function sheetSentence(sheet: {
	readonly total: number;
	readonly toAcknowledge: number;
	readonly waiting: number;
}): string {
	const { total, toAcknowledge, waiting } = sheet;
	return [
		total === 0
			? 'Nobody needs you today.'
			: total === 1
				? 'One person needs you.'
				: `${total} people need you.`,
		...(toAcknowledge > 0 ? [`${count(toAcknowledge, 'answer', 'answers')} to acknowledge.`] : []),
		...(waiting > 0 ? [`${count(waiting, 'letter is', 'letters are')} unanswered.`] : [])
	].join(' ');
}

/** How many things are on their way to someone. */
export const thingsSentence = (n: number) => `${count(n, 'thing is', 'things are')} waited for.`;

/** Whose letters come back. */
export const bouncedSentence = (n: number) => `Letters to ${count(n, 'person come', 'people come')} back.`;

/** How many cases are still to be judged again, as after an update. */
export function rejudgingSentence(n: number): string {
	return `We're assessing ${count(n, 'case', 'cases')} again with the new rules, so this list isn't complete yet. Reload the page in a few minutes.`;
}

/** How many emails an update or an import has made due, which nobody has released. */
export function heldSentence(n: number): string {
	return `${count(n, 'email is', 'emails are')} waiting for your release. An update or an import made ${n === 1 ? 'it' : 'them'} due.`;
}

/** How many emails the mail server refused, which nobody has got. */
export const refusedEmailsSentence = ({ n, words }: { n: number; words: string }) =>
	`${count(n, 'email', 'emails')} didn’t go out, because the mail server refused ${n === 1 ? 'it' : 'them'}${words ? `. It said: “${words}”` : '.'}`;

/** Why cases are passed over where many are marked as done at once. */
export const leftOutSentence = (n: number) =>
	`${n} left out. ${n === 1 ? 'It has' : 'Each has'} an open warning sign, an open hazard or an unread message.`;

/** What the last act did, in words. */
export function actSentence(form: object): string {
	if ('settled' in form && form.settled) {
		const { settled, leftOut } = form.settled as {
			settled: readonly string[];
			leftOut: readonly string[];
		};
		const left = leftOut.length === 0 ? '' : ` ${leftOutSentence(leftOut.length)}`;
		const done =
			settled.length === 1
				? 'Settled. What is asked for and not decided stays on the sheet.'
				: `${settled.length} cases settled.`;
		return `${done}${left}`;
	}
	return 'undone' in form ? 'Taken back: everything is as it was before.' : '';
}
