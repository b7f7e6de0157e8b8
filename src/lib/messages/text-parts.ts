/** What the text of an email is made of. */
export interface EmailFields {
	/** Of the person it goes to. */
	readonly name: string;
	/** Empty where nobody has set it. */
	readonly organisation: string;
	/** The person who signs; empty where nobody has set it. */
	readonly contact: string;
	/** The last day, as people read it; null for none. */
	readonly until: string | null;
	/** The subject of the email that a reminder is about. */
	readonly subject: string;
	/** Whole minutes that open questions take; null where nothing has been entered yet. */
	readonly minutesLeft: number | null;
}

/** A subject of the privacy information, in a word or two, and what is said of it. */
export type PrivacyLine = readonly [term: string, words: string];
