import { eq } from 'drizzle-orm';
import { DEFAULT_LANGUAGE, languageOf, type Language } from '../../messages/languages';
import { hashToken } from '../access/tokens';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';

const { assessments, cases, people } = schema;

/** Below this stands everything that an employee opens with their link. */
const LINK = '/c/[token=token]';

/**
 * What stays open while an emergency is: the numbers, writing to the coordinator, privacy, download and withdrawal; and what keeps typed answers,
 * so that nothing is lost and a new sign is heard. Everything else of a link leads to the stop page, also what is added later.
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

/** Whether a route of a link is closed while an emergency is open. */
export const isClosedByEmergency = (route: string | null): boolean =>
	route !== null && (route === LINK || route.startsWith(`${LINK}/`)) && !STAYS_OPEN.has(route);

/** What is answered to an act that no page can be led away from. */
export const closedByEmergency = () => new DomainError('conflict', 'emergencyOpen');

/** What every answer of a link goes by. */
export interface LinkState {
	/** Whether an emergency sign of the person is open and not lifted. */
	readonly isStopped: boolean;
	/** The language that the person reads. */
	readonly language: Language;
}

/** The state of the person behind a link; as of nobody where the link is not known. One look-up by assessments_token_hash and two keys. */
export async function readLinkState(db: Db, token: string): Promise<LinkState> {
	const [row] = await db
		.select({ isStopped: cases.isStopped, language: people.language })
		.from(assessments)
		.innerJoin(people, eq(people.id, assessments.personId))
		.leftJoin(cases, eq(cases.personId, assessments.personId))
		.where(eq(assessments.tokenHash, hashToken(token)));
	return { isStopped: row?.isStopped ?? false, language: languageOf(row?.language ?? DEFAULT_LANGUAGE) };
}
