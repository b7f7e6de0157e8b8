import { and, desc, eq } from 'drizzle-orm';
import { schema, type Db } from '../db/client';
import type { FollowUpKind } from '../../core/triage';

const { followUps } = schema;

/** A new follow-up, behind the last one of its kind. @returns its id */
export async function addToChain(
	tx: Db,
	input: { personId: string; kind: FollowUpKind; due: string; policyDay: string | null; reason: string },
	now: Date
): Promise<string> {
	const [last] = await tx
		.select({ id: followUps.id })
		.from(followUps)
		.where(and(eq(followUps.personId, input.personId), eq(followUps.kind, input.kind)))
		.orderBy(desc(followUps.createdAt))
		.limit(1);
	const [made] = await tx
		.insert(followUps)
		.values({ ...input, createdAt: now, after: last?.id ?? null })
		.returning({ id: followUps.id });
	if (!made) throw new Error('An insert returned no row');
	return made.id;
}
