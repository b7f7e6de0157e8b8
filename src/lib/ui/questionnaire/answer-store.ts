/** Answers that questions show and change: a draft of the self-assessment, or the answers of a check-in. */
export interface AnswerStore {
	readonly answers: Readonly<Record<string, string>>;
	/** Saves what was typed or chosen. */
	set(field: string, text: string): void;
}
