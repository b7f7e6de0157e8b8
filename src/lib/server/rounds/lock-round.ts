import { eq } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import { Fault } from '../fault';

const { rounds } = schema;

const CHANGED =
	'Somebody else changed this round meanwhile. What they wrote is shown; change it again if yours is still right.';

/** Locks a round for an act on it; refused where somebody changed it since it was seen. @param version what was seen, or null */
export async function lockRound(tx: Db, id: string, version: number | null) {
	const [round] = await tx.select().from(rounds).where(eq(rounds.id, id)).for('update');
	if (!round) throw new Fault('not-found', 'This round is not there any more.');
	if (version !== null && round.version !== version) throw new Fault('conflict', CHANGED);
	return round;
}
