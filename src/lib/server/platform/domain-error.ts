import type { ErrorCode } from '../../messages/error-text';

/** Kinds of refusal by a use case; each route turns them into its own answer. */
export type ErrorKind =
	| 'invalid'
	| 'not-found'
	| 'not-allowed'
	| 'conflict'
	| 'too-many'
	| 'ended'
	| 'too-large';

export const ERROR_STATUS: Readonly<Record<ErrorKind, number>> = {
	invalid: 400,
	'not-allowed': 403,
	'not-found': 404,
	conflict: 409,
	ended: 410,
	'too-large': 413,
	'too-many': 429
};

/** A refusal: its kind, the reason as a code of the message catalogue, and where. The route that answers puts it into words. */
export class DomainError extends Error {
	constructor(
		readonly kind: ErrorKind,
		readonly why: ErrorCode,
		/** The field or JSON Pointer at fault, if there is one. */
		readonly at?: string
	) {
		super(typeof why === 'string' ? why : why.code);
	}

	/** The corresponding HTTP status. */
	get status(): number {
		return ERROR_STATUS[this.kind];
	}
}
