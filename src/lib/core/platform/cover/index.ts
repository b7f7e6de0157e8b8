/** After how many minutes a deputy can be alerted to an emergency that nobody has opened. Our assumption. */
export const COVER_MINUTES = [10, 20, 30, 60, 120] as const;

/** One of {@link COVER_MINUTES}. */
export type CoverMinutes = (typeof COVER_MINUTES)[number];

/** Who is told of an emergency sign that nobody opens, and what employees read about it. */
export interface CoverSettings {
	/** Null where nobody is alerted. */
	readonly minutes: CoverMinutes | null;
	/** The account of the deputy; null for every coordinator. */
	readonly deputyId: string | null;
	/** What happens outside working hours, in the organisation's words, as the stop page shows it; empty for nothing. */
	readonly outOfHours: string;
	/** Address (https) of a program that is told, too, with neither name nor sign; empty for none. */
	readonly webhookUrl: string;
}

/** Nothing set: nobody is alerted. */
export const NO_COVER: CoverSettings = { minutes: null, deputyId: null, outOfHours: '', webhookUrl: '' };

/** Longest text about out of hours, and longest address, characters. */
export const COVER_LENGTHS = { outOfHours: 300, webhookUrl: 300 } as const;

/** The part of the cover that employees read. */
export type EmployeeCover = Pick<CoverSettings, 'minutes' | 'outOfHours'>;
