/** Whether employees may choose to take part, or the assessment is part of the employer's legal duty. */
export const PARTICIPATIONS = ['voluntary', 'duty'] as const;

/** One of {@link PARTICIPATIONS}. */
type Participation = (typeof PARTICIPATIONS)[number];

/** The organisation that runs Easy Corner, as emails, privacy texts, reports and printed letters describe it. */
export interface Organisation {
	/** Its name as employees know it; empty until set. */
	readonly name: string;
	/** The person who signs emails and answers questions about them. */
	readonly contactName: string;
	/** Their job title. */
	readonly contactRole: string;
	/** As dialled. */
	readonly phone: string;
	/** Address for replies to emails; empty where replies go to the sender's address. */
	readonly replyTo: string;
	/** Postal address, one line per row. */
	readonly address: string;
	/** A page of the organisation's own website (https) that confirms its emails are genuine; empty for none. */
	readonly genuinePage: string;
	readonly participation: Participation;
	/** The law or agreement behind the duty; empty where taking part is voluntary. */
	readonly dutyLaw: string;
	/** BCP 47 language for people whose own is unknown. */
	readonly language: string;
	/** IANA time zone of the desk's days, and of people whose own is unknown. */
	readonly timeZone: string;
}

/** An organisation not set up yet: emails go out without its name. */
export const UNSET_ORGANISATION: Organisation = {
	name: '',
	contactName: '',
	contactRole: '',
	phone: '',
	replyTo: '',
	address: '',
	genuinePage: '',
	participation: 'voluntary',
	dutyLaw: '',
	language: 'en',
	timeZone: 'UTC'
};

/** Longest text of each field, characters. Our assumption: what fits an email signature. */
export const ORGANISATION_LENGTHS = {
	name: 80,
	contactName: 80,
	contactRole: 80,
	phone: 30,
	replyTo: 200,
	address: 300,
	genuinePage: 200,
	dutyLaw: 160
} as const satisfies Partial<Record<keyof Organisation, number>>;

/** Largest logo file accepted, bytes. Our assumption. */
export const MAX_LOGO_BYTES = 2_000_000;

/** Whether the organisation has been set up. */
export const isSetUp = ({ name }: Pick<Organisation, 'name'>): boolean => name !== '';
