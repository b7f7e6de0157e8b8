import { desc, eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { SHIPPED_SETTINGS, type PolicySettings } from '$lib/core/cases/triage/policy-settings';
import { newestAssessmentResult } from '$lib/server/cases/case-assessments/newest-assessment-result';
import {
	countCasesToReassess,
	reassessOutdatedCases
} from '$lib/server/cases/case-assessments/reassess-outdated-cases';
import { processDueCases } from '$lib/server/cases/check-ins/process-due-cases';
import { schema } from '$lib/server/platform/db/client';
import { countHeld, heldEmails } from '$lib/server/platform/email-hold/held-emails';
import { policyFile, settingsOfFile } from '$lib/server/platform/rules/policy-form';
import { policyPage, policySettingsAt, publishPolicy } from '$lib/server/platform/rules/policy-versions';
import { previewPolicy } from '$lib/server/platform/rules/preview-policy';
import { readRules, settingsInForce } from '$lib/server/platform/rules/read-rules';
import { reminderDaysNow } from '$lib/server/people/rounds/remind-unanswered';
import { Desk, faultOf, MIRELA, PAINLESS } from '../support/desk';

const { auditLines, assessmentResults, emails, publishedVersions } = schema;

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

/** Someone whose neck alone hurts. */
const hurts = (worst: string) => ({
	...PAINLESS,
	...Object.fromEntries(Object.entries(MIRELA).filter(([name]) => name.startsWith('pain.neck.'))),
	'pain.neck.worst': worst,
	'pain.neck.days': '3'
});

/** Publishes settings that differ from the shipped ones only as said. */
const publish = async (over: Partial<PolicySettings>, by = desk.coordinator, known?: number) =>
	publishPolicy(
		db(),
		by,
		{
			settings: { ...SHIPPED_SETTINGS, ...over },
			note: ' We see people sooner ',
			seen: known ?? (await readRules(db())).ownVersion
		},
		now
	);

const rejudge = (at = now) => reassessOutdatedCases(db(), () => at);
const levelOf = async (personId: string) => (await newestAssessmentResult(db(), personId))?.level;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

describe('settings of the triage policy', () => {
	it('are those that the software comes with until some are published', async () => {
		expect(await settingsInForce(db())).toEqual(SHIPPED_SETTINGS);
		expect(await policyPage(db(), desk.coordinator, null)).toMatchObject({ version: 0, versions: [] });
		expect(await countCasesToReassess(db())).toBe(0);
	});

	it('are previewed person by person, and nothing is stored by that', async () => {
		const six = await desk.answered(hurts('6'));
		const four = await desk.answered(hurts('4'));
		await desk.answered(PAINLESS);
		const judged = await db().$count(assessmentResults);
		const preview = await previewPolicy(
			db(),
			desk.coordinator,
			{ ...SHIPPED_SETTINGS, clinicianFrom: 6 },
			now
		);
		expect(preview).toMatchObject({ looked: 3, of: 3, askedSooner: { n: 0 } });
		expect(preview.moves).toEqual([{ from: 'soon', to: 'clinician', n: 1, low: 1, high: 1 }]);
		expect(preview.people.map(({ personId, reason }) => [personId, reason.code])).toEqual([
			[six.personId, 'severe']
		]);
		expect(await levelOf(six.personId)).toBe('soon');
		expect(await levelOf(four.personId)).toBe('soon');
		expect(await db().$count(assessmentResults)).toBe(judged);
		expect(await db().$count(publishedVersions)).toBe(0);
		// Names were shown: the audit log has it.
		const [line] = await db().select().from(auditLines).where(eq(auditLines.act, 'list-read'));
		expect(line?.detail).toEqual({ list: 'levels that would change' });
	});

	it('say how many there may be where there are too many to look at everyone', async () => {
		for (let i = 0; i < 2; i += 1) await desk.answered(hurts('6'));
		const hurry = await previewPolicy(
			db(),
			desk.coordinator,
			{ ...SHIPPED_SETTINGS, clinicianFrom: 6 },
			now,
			2
		);
		expect(hurry).toMatchObject({ looked: 2, of: 5 });
		for (const { n, low, high } of [hurry.otherDays, ...hurry.moves]) {
			expect(low).toBeLessThanOrEqual(n);
			expect(high).toBeGreaterThanOrEqual(n);
			expect(high).toBeGreaterThan(low);
		}
	});

	it('apply to every case once they are published; emails due by that alone wait for a release', async () => {
		const { personId } = await desk.answered(hurts('6'));
		const rechecks = () => db().$count(emails, eq(emails.kind, 'recheck'));
		expect(
			await publish({ clinicianFrom: 6, clinicianDays: 1, recheckDays: 90, recheckSoonerDays: 30 })
		).toBe(1);
		expect(await countCasesToReassess(db())).toBeGreaterThan(3);
		await rejudge();
		expect(await countCasesToReassess(db())).toBe(0);
		const judged = await newestAssessmentResult(db(), personId);
		expect(judged).toMatchObject({ level: 'clinician', actBy: '2026-03-03', versions: { policy: 1001 } });
		// Three months later the next self-assessments are due, by the new settings alone.
		const later = new Date('2026-06-08T09:00:00Z');
		await processDueCases(db(), later);
		expect(await rechecks()).toBe(0);
		expect(await countHeld(db())).toBeGreaterThan(0);
		const held = await heldEmails(db(), desk.coordinator, '2026-06-08');
		expect(new Set(held.map(({ why }) => why))).toEqual(new Set(['policy']));
	});

	it('are kept version by version, with who, why and what changed; earlier assessments keep theirs', async () => {
		expect(await publish({ clinicianFrom: 6, reminderDays: [2, 5] }, desk.second)).toBe(2);
		expect(await reminderDaysNow(db())).toEqual([2, 5]);
		const { version, versions } = await policyPage(db(), desk.coordinator, 1);
		expect(version).toBe(2);
		expect(versions[0]).toMatchObject({ version: 2, by: 'two', note: 'We see people sooner' });
		expect(versions[0]?.changes.map(({ field }) => field)).toEqual([
			'clinicianDays',
			'reminderDays',
			'recheckDays',
			'recheckSoonerDays'
		]);
		expect(versions[1]).toMatchObject({ version: 1, by: 'one' });
		const made = await db()
			.selectDistinct({ version: assessmentResults.policyVersion })
			.from(assessmentResults)
			.orderBy(desc(assessmentResults.policyVersion));
		expect(made.map((row) => row.version)).toEqual([1001, 2]);
	});

	it('are rolled back by publishing an earlier version, with every level as before', async () => {
		const { personId } = await desk.answered(hurts('6'));
		expect(await levelOf(personId)).toBe('clinician');
		const shipped = await policySettingsAt(db(), desk.coordinator, 0);
		await publish(shipped);
		await rejudge();
		expect(await levelOf(personId)).toBe('soon');
		expect(await settingsInForce(db())).toEqual(SHIPPED_SETTINGS);
	});

	it('go to another installation as a file and come back the same', async () => {
		const first = await policySettingsAt(db(), desk.coordinator, 1);
		expect(settingsOfFile(policyFile(first))).toEqual(first);
		expect(settingsOfFile(`\uFEFF${policyFile(first)}`)).toEqual(first);
		for (const file of ['not JSON', '{"format":"another"}', policyFile({ ...first, clinicianFrom: 9 })])
			expect(await faultOf((async () => settingsOfFile(file))())).toBe('invalid');
	});

	it('are refused outside their limits, unchanged, of an outdated page, or by the wrong person', async () => {
		const seen = (await readRules(db())).ownVersion;
		const as = (settings: Partial<PolicySettings>, over = {}) =>
			publishPolicy(
				db(),
				desk.coordinator,
				{ settings: { ...SHIPPED_SETTINGS, ...settings }, note: '', seen, ...over },
				now
			);
		expect(await faultOf(as({ clinicianFrom: 10 }))).toBe('invalid');
		expect(await faultOf(as({ clinicianFrom: Number.NaN }))).toBe('invalid');
		expect(await faultOf(as({ reminderDays: [] }))).toBe('invalid');
		expect(await faultOf(as({}))).toBe('invalid');
		expect(await faultOf(as({ soonFrom: 3 }, { seen: seen - 1 }))).toBe('conflict');
		expect(await faultOf(publish({ soonFrom: 3 }, desk.reader))).toBe('not-allowed');
		expect(await faultOf(previewPolicy(db(), desk.clinician, SHIPPED_SETTINGS, now))).toBe('not-allowed');
		expect(await faultOf(policySettingsAt(db(), desk.coordinator, 99))).toBe('not-found');
		expect((await readRules(db())).ownVersion).toBe(seen);
	});

	it('of two colleagues who publish at once, one is told', async () => {
		const known = (await readRules(db())).ownVersion;
		const results = await Promise.all([
			faultOf(publish({ soonFrom: 3 }, desk.coordinator, known)),
			faultOf(publish({ soonFrom: 2 }, desk.second, known))
		]);
		expect(results.sort()).toEqual(['conflict', 'none']);
	});

	it('never lower a warning sign that is open', async () => {
		await publish({ clinicianFrom: 7, soonFrom: 4, clinicianDays: 3 });
		const { personId, open } = await desk.answered({ ...MIRELA, 'sign.chest-pain': 'yes' });
		expect(open).toBeDefined();
		expect(await levelOf(personId)).toBe('emergency');
		await publish({ clinicianFrom: 5, soonFrom: 2, clinicianDays: 0 });
		await rejudge();
		expect(await levelOf(personId)).toBe('emergency');
	});
});
