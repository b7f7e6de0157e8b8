import { eq } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';

const { rounds } = schema;

/** Locks a round for an act on it; refused where somebody changed it since it was seen. @param version what was seen, or null */
export async function lockRound(tx: Db, id: string, version: number | null) {
	const [round] = await tx.select().from(rounds).where(eq(rounds.id, id)).for('update');
	if (!round) throw new Fault('not-found', 'noRound');
	if (version !== null && round.version !== version) throw new Fault('conflict', 'roundChanged');
	return round;
}
