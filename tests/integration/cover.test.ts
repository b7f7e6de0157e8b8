import { createHmac } from 'node:crypto';
import { desc, eq } from 'drizzle-orm';
import { afterAll, afterEach, beforeAll, describe, expect, it } from 'vitest';
import { NO_COVER, type CoverSettings } from '$lib/core/platform/cover';
import { EMERGENCY_RED_FLAGS, type EmergencyRedFlag } from '$lib/core/cases/discomfort/red-flags';
import { closeAccount } from '$lib/server/platform/accounts/accounts';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { readCase } from '$lib/server/cases/read-case';
import { alertDeputies, tellWebhook } from '$lib/server/platform/cover/alert-deputies';
import { coverPage, readCover, readWebhook, setCover } from '$lib/server/platform/cover/cover-settings';
import { postSigned, webhookSignature } from '$lib/server/platform/webhooks/post-signed';
import { schema } from '$lib/server/platform/db/client';
import { Desk, faultOf, PAINLESS } from '../support/desk';
import { webhookReceiver } from '../support/webhook-receiver';

const now = new Date('2026-03-02T09:00:00Z');
const { coverSettings, deputyAlerts, emails } = schema;

/** An emergency sign besides chest pain. */
const OTHER_SIGN = EMERGENCY_RED_FLAGS.find((sign) => sign !== 'chest-pain') ?? 'chest-pain';

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

async function set(over: Partial<CoverSettings>, by = desk.coordinator): Promise<void> {
	const { version } = await coverPage(db(), desk.coordinator);
	const cover = { ...NO_COVER, minutes: 30 as const, deputyId: desk.second.id, ...over };
	await setCover(db(), by, { cover, version }, now);
}

/** Someone who reports an emergency, minutes after {@link now}. */
async function inEmergency(minutes: number) {
	const { personId, token } = await desk.answered(PAINLESS);
	const report = async (at: number, of: EmergencyRedFlag = 'chest-pain') =>
		saveAnswers(db(), await openAssessment(db(), token), { [`sign.${of}`]: 'yes' }, desk.later(at));
	await report(minutes);
	return { personId, report };
}

const alerted = (minutes: number) => alertDeputies(db(), desk.later(minutes));

/** Emails to deputies so far, newest first. */
const deputyEmails = () =>
	db().select().from(emails).where(eq(emails.kind, 'deputy-alert')).orderBy(desc(emails.writtenAt));

describe('an emergency that nobody opens', () => {
	afterEach(async () => {
		await db().delete(emails).where(eq(emails.kind, 'deputy-alert'));
		// What a test leaves open is no emergency of the next one.
		await db().update(schema.cases).set({ level: 'help' }).where(eq(schema.cases.level, 'emergency'));
	});

	it('alerts the deputy once after the set time, by an email that names nobody', async () => {
		await inEmergency(0);
		expect(await alerted(600)).toBe(0);
		await set({});
		expect(await alerted(29)).toBe(0);
		expect(await alerted(30)).toBe(1);
		const [sent, ...others] = await deputyEmails();
		expect(others).toEqual([]);
		expect(sent).toMatchObject({ toEmail: 'two@example.org', personId: null, linkPath: '/desk' });
		expect(`${sent?.subject} ${sent?.body}`).not.toMatch(/Person \d|chest/i);
		expect(await alerted(31)).toBe(0);
		expect(await alerted(600)).toBe(0);
	});

	it('alerts once, however many processes look at once', async () => {
		await inEmergency(0);
		const told = await Promise.all(Array.from({ length: 4 }, () => alerted(40)));
		expect(told.reduce((sum, n) => sum + n, 0)).toBe(1);
		expect(await deputyEmails()).toHaveLength(1);
	});

	it('alerts nobody once an account has opened the case; a look from before the report is none', async () => {
		const opened = await inEmergency(0);
		await readCase(db(), desk.coordinator, opened.personId, desk.later(10));
		const before = await desk.answered(PAINLESS);
		await readCase(db(), desk.coordinator, before.personId, desk.later(50));
		await saveAnswers(db(), before.open, { 'sign.chest-pain': 'yes' }, desk.later(60));
		// Within the hour in which a second look is otherwise not logged.
		await readCase(db(), desk.coordinator, before.personId, desk.later(70));
		expect(await alerted(100)).toBe(0);

		const unseen = await desk.answered(PAINLESS);
		await readCase(db(), desk.coordinator, unseen.personId, desk.later(50));
		await saveAnswers(db(), unseen.open, { 'sign.chest-pain': 'yes' }, desk.later(60));
		expect(await alerted(100)).toBe(1);
	});

	it('alerts anew to a sign that is reported later', async () => {
		const person = await inEmergency(0);
		expect(await alerted(30)).toBe(1);
		await person.report(45, OTHER_SIGN);
		expect(await alerted(60)).toBe(0);
		expect(await alerted(75)).toBe(1);
	});

	it('alerts every coordinator where no deputy is named, or the account is closed', async () => {
		await set({ deputyId: null });
		await inEmergency(0);
		await alerted(30);
		const all = (await deputyEmails()).map(({ toEmail }) => toEmail).sort();
		expect(all).toEqual(['one@example.org', 'two@example.org']);
		await set({});
		await inEmergency(0);
		await closeAccount(db(), desk.coordinator, desk.second.id, now);
		await alerted(30);
		expect((await deputyEmails()).map(({ toEmail }) => toEmail)).toContain('one@example.org');
		await db().update(schema.users).set({ closedAt: null }).where(eq(schema.users.id, desk.second.id));
	});
});

describe('the webhook', () => {
	it('is told of each alert until it takes it, signed, with nothing of the person', async () => {
		await db().delete(deputyAlerts);
		const { personId } = await inEmergency(0);
		expect(await alerted(30)).toBe(1);
		const { url, got, close } = await webhookReceiver([500, 302, 200]);
		const tell = (minutes: number) =>
			tellWebhook(db(), { url, secret: 'a secret' }, postSigned(['127.0.0.1']), desk.later(minutes));
		expect(await tell(31)).toBe(0);
		// A redirect is followed nowhere.
		expect(await tell(32)).toBe(0);
		expect(await tell(33)).toBe(1);
		expect(await tell(34)).toBe(0);
		await close();
		expect(got).toHaveLength(3);
		for (const { body, signature } of got) {
			const told = JSON.parse(body) as Record<string, string>;
			expect(Object.keys(told).sort()).toEqual(['at', 'id', 'kind']);
			expect(body).not.toContain(personId);
			const seconds = /^t=(\d+),/.exec(signature)?.[1] ?? '';
			const expected = createHmac('sha256', 'a secret').update(`${seconds}.${body}`).digest('hex');
			expect(signature).toBe(`t=${seconds},v1=${expected}`);
		}
		expect(webhookSignature('other', '{}', now)).not.toBe(webhookSignature('a secret', '{}', now));
	});

	it('that answers nothing is tried again', async () => {
		await db().delete(deputyAlerts);
		await db()
			.insert(deputyAlerts)
			.values({
				personId: (await desk.answered(PAINLESS)).personId,
				reportedAt: now,
				alertedAt: now
			});
		const { url, close } = await webhookReceiver([]);
		await close();
		expect(await tellWebhook(db(), { url, secret: 's' }, postSigned(['127.0.0.1']), now)).toBe(0);
		const [kept] = await db().select().from(deputyAlerts);
		expect(kept?.webhookAt).toBeNull();
		// A day later it is no news, whatever the address.
		const late = await webhookReceiver([200]);
		expect(
			await tellWebhook(db(), { url: late.url, secret: 's' }, postSigned(['127.0.0.1']), desk.later(25 * 60))
		).toBe(0);
		await late.close();
		expect(late.got).toEqual([]);
	});
});

describe('the settings', () => {
	it('are for those who may change settings, with a coordinator as deputy and an address by https', async () => {
		expect(await faultOf(set({}, desk.reader))).toBe('not-allowed');
		expect(await faultOf(set({ deputyId: desk.reader.id }))).toBe('invalid');
		for (const webhookUrl of ['http://a.example/x', 'https://me:pw@a.example', 'javascript:x', 'a.example'])
			expect(await faultOf(set({ webhookUrl })), webhookUrl).toBe('invalid');
		const { version } = await coverPage(db(), desk.coordinator);
		expect(
			await faultOf(setCover(db(), desk.coordinator, { cover: NO_COVER, version: version + 1 }, now))
		).toBe('conflict');
	});

	it('keep the secret of an address, encrypted, and make a new one for a new address', async () => {
		await set({ webhookUrl: 'https://a.example/hook', outOfHours: ' Nobody reads at night. ' });
		const first = await readWebhook(db());
		const [row] = await db().select().from(coverSettings);
		expect(row?.webhookSecret).not.toContain(first?.secret ?? '');
		await set({ webhookUrl: 'https://a.example/hook', minutes: 60 });
		expect(await readWebhook(db())).toEqual(first);
		await set({ webhookUrl: 'https://b.example/hook' });
		expect((await readWebhook(db()))?.secret).not.toBe(first?.secret);
		await set({ outOfHours: ' Nobody reads at night. ' });
		expect(await readWebhook(db())).toBeNull();
		expect((await readCover(db())).outOfHours).toBe('Nobody reads at night.');
	});
});
