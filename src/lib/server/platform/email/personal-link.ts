import { eq } from 'drizzle-orm';
import { hashToken } from '../access/tokens';
import { linkTokens } from '../access/secret-keys';
import { schema, type Db } from '../db/client';

const { assessments } = schema;

/** A personal link as stored in an email: whose it is, without a secret. */
const KEPT = /^\/c\/~([0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12})/;

/** The path of a personal link as stored; the secret is computed when the email is sent. */
export const storedLinkPath = (assessmentId: string): string => `/c/~${assessmentId}`;

/** The part of a stored path that is the first workstation's link; empty for none. */
export const firstLinkIn = (linkPath: string): string =>
	(KEPT.exec(linkPath) ?? /^\/c\/[^/]+/.exec(linkPath))?.[0] ?? '';

/** The link of a further workstation, by its number, as stored; the first one's where that was stored with its secret, as long ago. */
export const spotLinkPath = (link: string, spot: number): string =>
	spot > 1 && KEPT.test(link) ? `${link}-${spot}` : link;

/**
 * The path to send for a stored one; any other path is returned unchanged. One key look-up.
 * @returns null where the key that the link was made with is no longer known
 */
export async function linkPathToSend(db: Db, linkPath: string): Promise<string | null> {
	const id = KEPT.exec(linkPath)?.[1];
	if (!id) return linkPath;
	const [row] = await db
		.select({ tokenHash: assessments.tokenHash })
		.from(assessments)
		.where(eq(assessments.id, id));
	const token = linkTokens(id).find((one) => hashToken(one) === row?.tokenHash);
	return token === undefined ? null : linkPath.replace(KEPT, `/c/${token}`);
}
