/** What an answer to a question could change. */
export type Change = 'level' | 'verdict' | 'step' | 'order';

/** What an answer is worth: what it could change, and how much of all that is said; 0 where it changes nothing. */
export interface Worth {
	readonly changes: readonly Change[];
	readonly worth: number;
}

/** The worth of an answer that changes nothing. */
export const NOTHING: Worth = { changes: [], worth: 0 };
