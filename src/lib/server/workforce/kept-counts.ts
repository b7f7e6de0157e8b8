import { and, desc, eq } from 'drizzle-orm';
import type { KeptCounts } from '../../core/plan/advice/order-equal-plans';
import { KEPT_AFTER_DAYS } from '../../core/workforce/plan-step-codes';
import { schema, type Db } from '../platform/db/client';

const { publishedFigures } = schema;

/** Of what people have built: of how many it was still in place at the first check-in. */
const [AFTER_DAYS] = KEPT_AFTER_DAYS;

const KEPT = new RegExp(`^kept ${AFTER_DAYS} (\\S+:\\S+)$`);

/**
 * How often what is built from each kind of item is kept, as published at the newest closing: nothing about fewer people than may be published
 * goes into a plan. Empty before the first one. Cost: one key look-up.
 */
export async function keptCounts(db: Db): Promise<KeptCounts> {
	const [newest] = await db
		.select({ table: publishedFigures.table })
		.from(publishedFigures)
		.where(and(eq(publishedFigures.of, 'steps'), eq(publishedFigures.by, '')))
		.orderBy(desc(publishedFigures.on))
		.limit(1);
	return new Map(
		(newest?.table.figures ?? []).flatMap(({ code, all }) => {
			const what = KEPT.exec(code)?.[1];
			return what && all ? [[what, { kept: all.x, asked: all.n }]] : [];
		})
	);
}
