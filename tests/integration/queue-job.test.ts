import { afterAll, beforeAll, expect, it } from 'vitest';
import { SHIPPED_RULES } from '$lib/core/platform/rules/shipped-rules';
import { policySettingsOf } from '$lib/core/cases/triage/policy-settings';
import { askForDirectory } from '$lib/server/people/directory/directory-page';
import { erasePerson } from '$lib/server/people/erasure/erase-person';
import { inTransaction } from '$lib/server/platform/db/transaction';
import { queueEmail } from '$lib/server/platform/email/queue-email';
import { setDailyLimit } from '$lib/server/platform/email-hold/daily-limit';
import type { JobName } from '$lib/server/platform/jobs/queue-job';
import { publishPolicy } from '$lib/server/platform/rules/policy-versions';
import { pauseRound } from '$lib/server/people/rounds/correct-round';
import { createRound } from '$lib/server/people/rounds/edit-rounds';
import { remindUnanswered } from '$lib/server/people/rounds/remind-unanswered';
import { closeRound, reopenRound, startRound } from '$lib/server/people/rounds/run-round';
import { sendRoundBatches } from '$lib/server/people/rounds/send-round';
import { Desk } from '../support/desk';
import { hearJobs } from '../support/hear-jobs';

const now = new Date('2026-03-02T09:00:00Z');
let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

async function jobsQueuedBy(act: () => Promise<unknown>): Promise<string[]> {
	const { jobs, stop } = await hearJobs(desk.test.url);
	try {
		await act();
	} finally {
		await stop();
	}
	return [...new Set(jobs)].sort();
}

const email = {
	personId: null,
	kind: 'message',
	language: 'en',
	toName: 'Name',
	toEmail: 'name@example.org',
	subject: 'Hello',
	body: 'One.',
	linkPath: '/c/token',
	writtenAt: now
} as const;

it('is sent with the transaction that made the work, once, and not at all where that is rolled back', async () => {
	const { jobs, stop } = await hearJobs(desk.test.url);
	await inTransaction(db(), async (tx) => {
		await queueEmail(tx, email);
		await queueEmail(tx, email);
	});
	await expect(
		inTransaction(db(), async (tx) => {
			await queueEmail(tx, email);
			throw new Error('refused');
		})
	).rejects.toThrow('refused');
	await stop();
	expect(jobs).toEqual(['emails'] satisfies JobName[]);
});

it('is queued by every act that leaves something to do, whichever page or program it comes from', async () => {
	const { coordinator } = desk;
	const personId = await desk.person({ team: 'Queue' });
	const round = await createRound(
		db(),
		coordinator,
		{
			name: 'Spring',
			filter: { teams: ['Queue'], country: '', notAnsweredWithinDays: 0 },
			sittingStyle: 'open',
			questionnaireMode: 'complete',
			breakSchedule: 'half-hour',
			subject: 'A look, {name}',
			body: 'Hello {name}, until {until}.',
			startsOn: '2026-03-02',
			dueOn: '2026-03-30',
			timeZone: 'Europe/Lisbon'
		},
		now
	);
	const step = async (act: () => Promise<unknown>, ...names: JobName[]) =>
		expect(await jobsQueuedBy(act)).toEqual([...names].sort());
	await step(() => startRound(db(), coordinator, { id: round, version: 1, expected: 1 }, now), 'rounds');
	await step(() => sendRoundBatches(db(), () => now), 'emails');
	await step(
		() => pauseRound(db(), coordinator, { id: round, version: 2, isPaused: true }, now),
		'rounds',
		'reminders'
	);
	await step(
		() => pauseRound(db(), coordinator, { id: round, version: 3, isPaused: false }, now),
		'rounds',
		'reminders'
	);
	await step(
		() => remindUnanswered(db(), coordinator, { id: round, personId: null, expected: 0 }, now),
		'reminders'
	);
	await step(
		() => closeRound(db(), coordinator, { id: round, version: 4, callSilent: false }, now),
		'rounds'
	);
	await step(() => reopenRound(db(), coordinator, { id: round, version: 5 }, now), 'rounds');
	await step(() => setDailyLimit(db(), coordinator, { perDay: 90, version: 0 }, now), 'due-cases');
	await step(() => askForDirectory(db(), coordinator, now), 'directory');
	await step(() => erasePerson(db(), coordinator, { personId, why: 'asked' }, now), 'audit-log');
	const shipped = policySettingsOf(SHIPPED_RULES.policy);
	const settings = { ...shipped, clinicianFrom: shipped.clinicianFrom - 1 };
	await step(() => publishPolicy(db(), coordinator, { settings, note: '', seen: 0 }, now), 'reassessment');
});
