/**
 * Something wrong with a value from outside, as data: the core returns these, the doors turn them into words,
 * exit codes or HTTP answers.
 */
export interface Issue {
	/** Stable name of the kind of fault. */
	readonly code: string;
	/** JSON Pointer (RFC 6901) of the place; the empty string is the whole document. */
	readonly at: string;
	/** One plain sentence: what is wrong and what is wanted. */
	readonly text: string;
}

/** A checked value, or what is wrong with it. */
export type Checked<T> =
	| { readonly ok: true; readonly value: T }
	| { readonly ok: false; readonly issue: Issue };

/** One reference token of a JSON Pointer, escaped as RFC 6901 section 3 asks. */
export function pointerToken(name: string): string {
	return name.replace(/~/g, '~0').replace(/\//g, '~1');
}
