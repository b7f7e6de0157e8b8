/** What an answer to a question could change. */
export type PossibleChange = 'level' | 'verdict' | 'step' | 'order';

/** The value of an answer: what it could change, and how much of the result; 0 where it changes nothing. */
export interface InformationValue {
	readonly changes: readonly PossibleChange[];
	readonly worth: number;
}

/** The value of an answer that changes nothing. */
export const NO_INFORMATION: InformationValue = { changes: [], worth: 0 };
