/** Kinds of refusal that a use case can give; each door turns them into its own answer. */
export type FaultKind =
	'invalid' | 'not-found' | 'not-allowed' | 'conflict' | 'too-many' | 'ended' | 'too-large';

/** HTTP status of each kind. */
export const FAULT_STATUS: Readonly<Record<FaultKind, number>> = {
	invalid: 400,
	'not-allowed': 403,
	'not-found': 404,
	conflict: 409,
	ended: 410,
	'too-large': 413,
	'too-many': 429
};

/** A refusal with words for the user: what is wrong, where, what to do. Never holds what the user typed. */
export class Fault extends Error {
	constructor(
		readonly kind: FaultKind,
		message: string,
		/** The field or JSON Pointer that is at fault, where there is one. */
		readonly at?: string
	) {
		super(message);
	}

	/** The HTTP status that says this. */
	get status(): number {
		return FAULT_STATUS[this.kind];
	}
}
