/** Answers that questions show and change: a draft of the walk, or the answers of a check-in. */
export interface AnswerStore {
	readonly answers: Readonly<Record<string, string>>;
	/** Takes what was typed or chosen. */
	set(field: string, text: string): void;
}
