import { eq } from 'drizzle-orm';
import { schema, type Db } from '../../platform/db/client';
import { DomainError } from '../../platform/domain-error';

const { rounds } = schema;

/**
 * Locks a round for an act; refused where someone changed it since it was seen.
 * @param version the version seen, or null
 */
export async function lockRound(tx: Db, id: string, version: number | null) {
	const [round] = await tx.select().from(rounds).where(eq(rounds.id, id)).for('update');
	if (!round) throw new DomainError('not-found', 'noRound');
	if (version !== null && round.version !== version) throw new DomainError('conflict', 'roundChanged');
	return round;
}
