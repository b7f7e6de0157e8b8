import { deskWords } from './index';

/** Confirmation of the last act on the day sheet; empty where none is needed. */
export function actSentence(form: object): string {
	const texts = deskWords.sheet;
	if ('settled' in form && form.settled) {
		const { settled, leftOut } = form.settled as {
			settled: readonly string[];
			leftOut: readonly string[];
		};
		return texts.markedDone(settled.length, leftOut.length);
	}
	if ('finished' in form && form.finished) {
		const { finished, leftOut } = form as { finished: readonly string[]; leftOut: readonly string[] };
		return texts.followUpsDone(finished.length, leftOut.length);
	}
	return 'undone' in form ? texts.undone : '';
}
