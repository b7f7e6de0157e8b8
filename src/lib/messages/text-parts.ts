/** Values that fill the text of an email. */
export interface EmailFields {
	/** Of the person it goes to. */
	readonly name: string;
	/** Empty until it is set. */
	readonly organisation: string;
	/** The person who signs; empty until it is set. */
	readonly contact: string;
	/** The last day, as people read it; null for none. */
	readonly until: string | null;
	/** The subject of the email that a reminder is about. */
	readonly subject: string;
	/** Whole minutes that the remaining questions take; null before anything is entered. */
	readonly minutesLeft: number | null;
}

/** A subject of the privacy information, in a word or two, and what is said of it. */
export type PrivacyLine = readonly [term: string, words: string];
