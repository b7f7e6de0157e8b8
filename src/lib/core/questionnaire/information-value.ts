/** What an answer to a question could change. */
export type PossibleChange = 'level' | 'verdict' | 'step' | 'order';

/** What an answer is worth: what it could change, and how much of all that is said; 0 where it changes nothing. */
export interface InformationValue {
	readonly changes: readonly PossibleChange[];
	readonly worth: number;
}

/** The worth of an answer that changes nothing. */
export const NO_INFORMATION: InformationValue = { changes: [], worth: 0 };
