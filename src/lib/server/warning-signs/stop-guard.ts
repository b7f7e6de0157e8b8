import { eq } from 'drizzle-orm';
import { hashToken } from '../access/tokens';
import { schema, type Db } from '../db/client';
import { DomainError } from '../domain-error';

const { assessments, cases } = schema;

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

/** Whether an emergency sign of the person behind a link is open and not lifted. One look-up by assessments_token_hash and the key of cases. */
export async function isStopped(db: Db, token: string): Promise<boolean> {
	const [row] = await db
		.select({ isStopped: cases.isStopped })
		.from(assessments)
		.innerJoin(cases, eq(cases.personId, assessments.personId))
		.where(eq(assessments.tokenHash, hashToken(token)));
	return row?.isStopped ?? false;
}
