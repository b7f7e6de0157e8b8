import { sql } from 'drizzle-orm';
import type { CivilDate } from '../../../core/platform/calendar/civil-date';
import type { Db } from '../../platform/db/client';
import type { HoldReason } from '../../platform/db/schema/columns';
import { emailDueDayAfter } from '../../platform/email-hold/email-due-day';
import type { PlanInProgress } from './current-plan';

/** When to remind of a plan that was not started, and what holds the reminder back. */
export type PlanReminder = Pick<PlanInProgress, 'remindOn' | 'holdReason'>;

/** The day that the policy gives for a plan; null where it gives none. */
export interface WantedReminder {
	readonly plan: PlanInProgress;
	readonly remindOn: CivilDate | null;
	/** What it is computed again for, where neither people nor time have acted. */
	readonly holdReason: HoldReason | null;
}

/**
 * Keeps the day of each plan's reminder as the policy gives it; a plan is reminded of only once. Cost: one write for all, where a day has
 * changed.
 * @returns the reminders as they stand now, by plan
 */
export async function syncPlanReminders(
	tx: Db,
	wanted: readonly WantedReminder[]
): Promise<Map<string, PlanReminder>> {
	const standing = new Map<string, PlanReminder>();
	const changed: (PlanReminder & { id: string; heldBefore: string | null })[] = [];
	for (const { plan, remindOn, holdReason: why } of wanted) {
		const before = { day: plan.remindOn, holdReason: plan.holdReason, heldBefore: plan.heldBefore };
		const isCancelled = remindOn !== null && remindOn === plan.cancelledDay;
		const after = isCancelled ? before : emailDueDayAfter(before, plan.remindedAt ? null : remindOn, why);
		const { day, holdReason, heldBefore } = after;
		standing.set(plan.id, { remindOn: day, holdReason });
		if (day !== before.day || holdReason !== before.holdReason || heldBefore !== before.heldBefore)
			changed.push({ id: plan.id, remindOn: day, holdReason, heldBefore });
	}
	if (changed.length > 0)
		await tx.execute(sql`update plans set remind_on = x."remindOn", hold_reason = x."holdReason", held_before = x."heldBefore"
			from jsonb_to_recordset(${JSON.stringify(changed)}::jsonb) as x(id uuid, "remindOn" date, "holdReason" text, "heldBefore" date)
			where plans.id = x.id`);
	return standing;
}
