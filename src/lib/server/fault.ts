import type { Why } from '../messages/refusal-words';

/** Kinds of refusal that a use case can give; each door turns them into its own answer. */
export type FaultKind =
	| 'invalid'
	| 'not-found'
	| 'not-allowed'
	| 'conflict'
	| 'too-many'
	| 'ended'
	| 'too-large';

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

/** A refusal: its kind, why as a code of the catalogue, and where. The door that answers it puts it into words. */
export class Fault extends Error {
	constructor(
		readonly kind: FaultKind,
		readonly why: Why,
		/** The field or JSON Pointer that is at fault, where there is one. */
		readonly at?: string
	) {
		super(typeof why === 'string' ? why : why.code);
	}

	/** The HTTP status that says this. */
	get status(): number {
		return FAULT_STATUS[this.kind];
	}
}
