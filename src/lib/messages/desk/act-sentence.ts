import { deskWords } from './index';

/** What the last act on the day sheet did, in words; empty where it did nothing that needs saying. */
export function actSentence(form: object): string {
	const texts = deskWords.sheet;
	if ('settled' in form && form.settled) {
		const { settled, leftOut } = form.settled as {
			settled: readonly string[];
			leftOut: readonly string[];
		};
		return texts.markedDone(settled.length, leftOut.length);
	}
	return 'undone' in form ? texts.undone : '';
}
