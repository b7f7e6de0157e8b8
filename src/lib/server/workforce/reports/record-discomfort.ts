import { desc, eq } from 'drizzle-orm';
import type { RegionReport } from '../../../core/cases/discomfort/report';
import { sameDocument } from '../../../core/platform/same-document';
import { schema, type Db } from '../../platform/db/client';

const { reportedDiscomfort } = schema;

/** Stores a discomfort report beside the earlier ones, unless it equals the newest. */
export async function recordDiscomfort(
	tx: Db,
	assessmentId: string,
	regions: readonly RegionReport[],
	now: Date
): Promise<void> {
	const [newest] = await tx
		.select({ regions: reportedDiscomfort.regions })
		.from(reportedDiscomfort)
		.where(eq(reportedDiscomfort.assessmentId, assessmentId))
		.orderBy(desc(reportedDiscomfort.at))
		.limit(1);
	if (newest && sameDocument(newest.regions, regions)) return;
	await tx.insert(reportedDiscomfort).values({ assessmentId, at: now, regions: [...regions] });
}
