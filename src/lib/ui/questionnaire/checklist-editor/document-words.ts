import { makeOwnChecklist, type ChecklistDocument } from '$lib/core/questionnaire/checklist/own-checklist';
import type { FindingId } from '$lib/core/questionnaire/checklist/findings';
import type { ChecklistFault } from '$lib/core/questionnaire/checklist-editor/checklist-faults';
import { SECONDS_FOR_ALL } from '$lib/core/questionnaire/checklist-editor/checklist-limits';
import { checklistTextsFor, type ChecklistTexts } from '$lib/messages/checklist';
import { deskWords } from '$lib/messages/desk';
import { languageWords } from '$lib/messages/reader-formats';
import { plainWords, type WordsByFacts } from '$lib/messages/words-by-facts';

/** What a document's questions and problems are called, for whoever edits it. */
export class DocumentWords {
	private readonly texts: ChecklistTexts;

	/**
	 * @param locale the reader's
	 * @param names what was added once and is no longer in the document is called
	 */
	constructor(
		document: ChecklistDocument,
		locale: string,
		private readonly names: Readonly<Record<string, string>> = {}
	) {
		this.texts = checklistTextsFor(locale, makeOwnChecklist(document, document.basedOn).own);
	}

	/** A question; empty where it has no words yet. */
	question(id: string): string {
		const items: Readonly<Partial<Record<string, { readonly question: WordsByFacts }>>> = this.texts.items;
		return plainWords(items[id]?.question ?? '') || (this.names[id] ?? '');
	}

	/** An answer; empty where it has no words yet. */
	answer(id: string, answer: string): string {
		const items: Readonly<
			Partial<Record<string, { readonly answers: Readonly<Partial<Record<string, WordsByFacts>>> }>>
		> = this.texts.items;
		return plainWords(items[id]?.answers[answer] ?? '');
	}

	/** A problem; empty where it has no name yet. */
	problem(id: string): string {
		return this.texts.findings[id as FindingId] || (this.names[id] ?? '');
	}

	station(id: keyof ChecklistTexts['stations']): string {
		return this.texts.stations[id];
	}

	/** A fault, as a sentence. */
	fault({ code, of, language, about }: ChecklistFault): string {
		return deskWords.checklistEditor.faults[code]({
			what: this.question(of) || this.problem(of),
			language: language && languageWords(language),
			about: this.question(about),
			seconds: SECONDS_FOR_ALL
		});
	}
}
