/** Whether employees may choose to take part, or whether the assessment is part of what the employer owes by law. */
export const PARTICIPATIONS = ['voluntary', 'duty'] as const;

/** One of {@link PARTICIPATIONS}. */
export type Participation = (typeof PARTICIPATIONS)[number];

/** Who runs Easy Corner: what emails, privacy texts, reports and printed letters say of it. */
export interface Organisation {
	/** As employees know it; empty until somebody has set it. */
	readonly name: string;
	/** The person who signs emails and answers questions about them. */
	readonly contactName: string;
	/** Their job title. */
	readonly contactRole: string;
	/** As it is dialled. */
	readonly phone: string;
	/** Where replies to emails go; empty where replies go to the sender's address. */
	readonly replyTo: string;
	/** Postal address, one line each. */
	readonly address: string;
	/** A page of the organisation's own, with https, that says its emails are genuine; empty for none. */
	readonly genuinePage: string;
	readonly participation: Participation;
	/** The law or agreement that the duty comes from; empty where taking part is voluntary. */
	readonly dutyLaw: string;
	/** BCP 47 language of people whose own is not known. */
	readonly language: string;
}

/** An organisation that nobody has set up yet: emails go out without its name. */
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
	language: 'en'
};

/** The longest text of each field, characters. Our assumption: what fits an email's signature. */
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

/** The largest logo that is taken, bytes as it is uploaded. Our assumption. */
export const MAX_LOGO_BYTES = 2_000_000;

/** Whether the organisation has been set up. */
export const isSetUp = ({ name }: Pick<Organisation, 'name'>): boolean => name !== '';
