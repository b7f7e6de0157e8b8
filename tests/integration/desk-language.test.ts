import { asc, eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { UNSET_ORGANISATION } from '$lib/core/platform/organisation';
import { addUser } from '$lib/server/platform/access/add-user';
import { readDeskReader } from '$lib/server/platform/access/desk-reader';
import { readSession } from '$lib/server/platform/access/sessions';
import { signIn } from '$lib/server/platform/access/sign-in';
import { inviteUser, requestPasswordReset } from '$lib/server/platform/accounts/accounts';
import { setDeskLanguage } from '$lib/server/platform/accounts/set-desk-language';
import { schema } from '$lib/server/platform/db/client';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { minutesLeftOf } from '$lib/server/questionnaire/assessments/minutes-left';
import { setLanguage } from '$lib/server/people/set-language';
import { confirmReview, reviewPage } from '$lib/server/platform/organisation/language-reviews';
import { setOrganisation } from '$lib/server/platform/organisation/set-organisation';
import { loadDeskLanguage } from '$lib/messages/desk';
import { Desk } from '../support/desk';

const now = new Date('2026-03-02T09:00:00Z');
const PASSWORD = 'long enough pass';

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => {
	desk = await Desk.make(now);
	await loadDeskLanguage('de');
});
afterAll(() => desk.test.drop());

const subjectsTo = async (email: string) =>
	(
		await db()
			.select({ subject: schema.emails.subject })
			.from(schema.emails)
			.where(eq(schema.emails.toEmail, email))
			.orderBy(asc(schema.emails.writtenAt))
	).map(({ subject }) => subject);

const linesOf = async (act: 'language-changed') =>
	(await db().select().from(schema.auditLines).where(eq(schema.auditLines.act, act))).map(
		({ detail }) => detail
	);

describe('the language of an account', () => {
	it('is English at first, and changed by its owner alone, with a line in the audit log', async () => {
		const email = 'gerda@example.org';
		const id = await addUser(db(), { email, name: 'Gerda', role: 'coordinator', password: PASSWORD });
		const owner = { kind: 'user', id, name: 'Gerda', role: 'coordinator' } as const;
		const { token } = await signIn(db(), { email, password: PASSWORD, origin: '192.0.2.7' }, now);
		expect((await readSession(db(), token, now))?.language).toBe('en');
		await setDeskLanguage(db(), owner, 'de', now);
		expect((await readSession(db(), token, now))?.language).toBe('de');
		// The same again changes nothing, and says nothing.
		await setDeskLanguage(db(), owner, 'de', now);
		expect(await linesOf('language-changed')).toEqual([{ user: id, language: 'de' }]);
		const others = await db()
			.select({ language: schema.users.language })
			.from(schema.users)
			.where(eq(schema.users.language, 'de'));
		expect(others).toHaveLength(1);
	});

	it('is the language of its emails', async () => {
		await requestPasswordReset(db(), 'gerda@example.org', desk.later(1));
		expect((await subjectsTo('gerda@example.org')).at(-1)).toMatch(/Passwort/);
		// The same email to somebody who reads English.
		await addUser(db(), { email: 'enid@example.org', name: 'Enid', role: 'reader', password: PASSWORD });
		await requestPasswordReset(db(), 'enid@example.org', desk.later(2));
		expect((await subjectsTo('enid@example.org')).at(-1)).toMatch(/password/);
	});

	it('begins as the organisation’s, for someone who is invited', async () => {
		const organisation = {
			...UNSET_ORGANISATION,
			name: 'Beispiel',
			contactName: 'Oda Beispiel',
			language: 'de'
		};
		await setOrganisation(db(), desk.coordinator, { organisation, version: 0 }, now);
		await inviteUser(
			db(),
			desk.coordinator,
			{ email: 'neu@example.org', name: 'Neu', role: 'reader' },
			desk.later(3)
		);
		const [invited] = await db()
			.select({ language: schema.users.language })
			.from(schema.users)
			.where(eq(schema.users.email, 'neu@example.org'));
		expect(invited?.language).toBe('de');
		expect((await subjectsTo('neu@example.org')).join()).not.toMatch(/invited|account/i);
	});

	it('is none that the desk lacks: the database refuses it', async () => {
		await expect(
			db()
				.update(schema.users)
				.set({ language: 'fr' as 'de' })
				.where(eq(schema.users.email, 'neu@example.org'))
		).rejects.toThrow();
	});
});

describe('a person in the United States', () => {
	const answersOf = async (personId: string) =>
		(
			await db()
				.select({ answers: schema.assessments.answers })
				.from(schema.assessments)
				.where(eq(schema.assessments.personId, personId))
		).at(-1)?.answers;

	it('measures in inches from the first page, and is not held to have begun by that', async () => {
		const personId = await desk.person();
		await db().update(schema.people).set({ language: 'en-US' }).where(eq(schema.people.id, personId));
		const sent = await desk.send(personId);
		expect(await answersOf(personId)).toEqual({ unit: 'in' });
		expect((await openAssessment(db(), sent.token)).language).toBe('en-US');
		expect(await minutesLeftOf(db(), (await openAssessment(db(), sent.token)).assessment)).toBeNull();
	});

	it('who chooses the language on the first page has them too; who has typed a length keeps its unit', async () => {
		const personId = await desk.person();
		const sent = await desk.send(personId);
		const { actor } = await openAssessment(db(), sent.token);
		expect(await answersOf(personId)).toEqual({});
		await setLanguage(db(), actor, 'en-US', now);
		expect(await answersOf(personId)).toEqual({ unit: 'in' });
		await setLanguage(db(), actor, 'de', now);
		expect(await answersOf(personId)).toEqual({});
		await db()
			.update(schema.assessments)
			.set({ answers: { unit: 'cm', stature: '170' } })
			.where(eq(schema.assessments.personId, personId));
		await setLanguage(db(), actor, 'en-US', now);
		expect(await answersOf(personId)).toEqual({ unit: 'cm', stature: '170' });
	});
});

describe('warning signs in a translation', () => {
	it('are read by the reviewer as employees and as coordinators see them', async () => {
		const { texts } = await reviewPage(db(), desk.coordinator, 'de');
		const chest = texts.filter(({ key }) => key.endsWith('sign.chest-pain'));
		expect(chest.map(({ key }) => key)).toEqual(['sign.chest-pain', 'desk.sign.chest-pain']);
		for (const { english, translated } of texts) {
			expect(english).not.toBe('');
			expect(translated).not.toBe(english);
		}
		// The desk isn't in French: only what employees see is there.
		const { texts: french } = await reviewPage(db(), desk.coordinator, 'fr');
		expect(french.some(({ key }) => key.startsWith('desk.'))).toBe(false);
	});

	it('stand beside the English ones for coordinators too, until someone has confirmed them', async () => {
		expect(await readDeskReader(db(), 'en')).toEqual({
			language: 'en',
			areSignsReviewed: true,
			ownNames: {}
		});
		expect(await readDeskReader(db(), 'de')).toEqual({
			language: 'de',
			areSignsReviewed: false,
			ownNames: {}
		});
		await confirmReview(db(), desk.coordinator, { language: 'de', reviewedBy: 'Dr Ada Beispiel' }, now);
		expect(await readDeskReader(db(), 'de')).toEqual({
			language: 'de',
			areSignsReviewed: true,
			ownNames: {}
		});
	});
});
