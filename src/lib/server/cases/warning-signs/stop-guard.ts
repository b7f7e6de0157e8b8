import { eq } from 'drizzle-orm';
import { DEFAULT_LANGUAGE, localeOf, type Locale } from '../../../messages/languages';
import { hashToken } from '../../platform/access/tokens';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';

const { assessments, cases, people } = schema;

/** Everything that an employee opens with their link is below this. */
const LINK = '/c/[token=token]';

/**
 * What stays open during an emergency: the emergency numbers, messages to the coordinator, privacy, download and withdrawal; and saving of
 * typed answers, so that nothing is lost and a new warning sign gets through. Every other route of a link leads to the stop page, including
 * ones added later.
 */
const STAYS_OPEN: ReadonlySet<string> = new Set(
	[
		'/stop',
		'/stop/mistake',
		'/messages',
		'/privacy',
		'/take-along',
		'/withdraw',
		'/reminders',
		'/draft',
		'/draft/live'
	].map((below) => `${LINK}${below}`)
);

export const isClosedByEmergency = (route: string | null): boolean =>
	route !== null && (route === LINK || route.startsWith(`${LINK}/`)) && !STAYS_OPEN.has(route);

/** The answer to an act where there is no page to redirect. */
export const closedByEmergency = () => new DomainError('conflict', 'emergencyOpen');

/** What every response on a link depends on. */
export interface LinkState {
	/** Whether the person has an open emergency sign that was not lifted. */
	readonly isStopped: boolean;
	/** The language that the person chose, with its country's dates. */
	readonly language: Locale;
}

/** The state of the person behind a link; the default where the link is unknown. One look-up by assessments_token_hash and two keys. */
export async function readLinkState(db: Db, token: string): Promise<LinkState> {
	const [row] = await db
		.select({ isStopped: cases.isStopped, language: people.language })
		.from(assessments)
		.innerJoin(people, eq(people.id, assessments.personId))
		.leftJoin(cases, eq(cases.personId, assessments.personId))
		.where(eq(assessments.tokenHash, hashToken(token)));
	return { isStopped: row?.isStopped ?? false, language: localeOf(row?.language ?? DEFAULT_LANGUAGE) };
}
