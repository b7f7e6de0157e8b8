import { eq } from 'drizzle-orm';
import { hashToken } from '../access/tokens';
import { linkTokens } from '../access/secret-keys';
import { schema, type Db } from '../db/client';

const { assessments } = schema;

/** A personal link as a letter keeps it: whose it is, and no secret. */
const KEPT = /^\/c\/~([0-9a-f]{8}-(?:[0-9a-f]{4}-){3}[0-9a-f]{12})/;

/** The path of a personal link as it is kept: what opens it is worked out as the letter leaves. */
export const storedLinkPath = (assessmentId: string): string => `/c/~${assessmentId}`;

/**
 * The path that opens something, of one that a letter keeps; any other path is given as it is. One look by its key.
 *
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
