import { and, eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { loadDeskLanguage } from '$lib/messages/desk';
import { writeToPerson } from '$lib/server/cases/messages';
import { readCasePage } from '$lib/server/cases/case-page';
import { schema } from '$lib/server/platform/db/client';
import { previewEmail, sendSampleEmail } from '$lib/server/platform/organisation/sample-emails';
import {
	discardTextDraft,
	ownTextPage,
	publishText,
	returnToOriginal,
	saveTextDraft
} from '$lib/server/platform/texts/edit-own-text';
import { sampleReply } from '$lib/server/platform/texts/sample-reply';
import { readOrganisation } from '$lib/server/platform/organisation/read-organisation';
import { referralLetterOf } from '$lib/server/cases/referrals/referral-letter';
import { roundWords } from '$lib/server/people/rounds/round-words';
import { ownTextOf, ownTextsOf, type TextNamed } from '$lib/server/platform/texts/read-own-text';
import { act, Desk, faultOf, MIRELA } from '../support/desk';

const { auditLines, emails, people } = schema;

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

const MESSAGE = { kind: 'message', language: 'en' } as const;
const OWN = {
	subject: 'News for {name}',
	body: 'Dear {name},\r\n\r\n{contact} of {organisation} has written.'
};

const seen = async (text: TextNamed = MESSAGE) => (await ownTextPage(db(), desk.coordinator, text)).seen;
const save = async (words: { subject: string; body: string } = OWN, text: TextNamed = MESSAGE) =>
	saveTextDraft(db(), desk.coordinator, { ...text, ...words, seen: await seen(text) }, now);
const publish = async (text: TextNamed = MESSAGE) =>
	publishText(db(), desk.coordinator, { ...text, note: ' Friendlier ', seen: await seen(text) }, now);

/** The emails that told a person of a message. */
const told = (personId: string) =>
	db()
		.select({ subject: emails.subject, body: emails.body })
		.from(emails)
		.where(and(eq(emails.personId, personId), eq(emails.kind, 'message')));

const ORIGINAL = { subject: 'You have a message about your workstation' };

/** A person with a link, to which an email leads. */
async function linked(): Promise<string> {
	const personId = await desk.person();
	await desk.send(personId);
	return personId;
}

const write = (personId: string) =>
	writeToPerson(db(), desk.coordinator, { ...act(personId), text: 'Hello' }, now);

beforeAll(async () => {
	await loadDeskLanguage('de');
	desk = await Desk.make(now);
});
afterAll(() => desk.test.drop());

describe('a text of the organisation', () => {
	it('is the original until another is published, in its language alone; what is only saved reaches nobody', async () => {
		const [english, german] = [await linked(), await linked()];
		await db().update(people).set({ language: 'de' }).where(eq(people.id, german));
		await save();
		await write(english);
		expect(await told(english)).toMatchObject([ORIGINAL]);
		const preview = { ...MESSAGE, origin: 'https://corner.example' };
		expect((await previewEmail(db(), desk.coordinator, preview)).subject).toContain('News for one');
		await sendSampleEmail(db(), desk.coordinator, MESSAGE, now);
		await publish();
		await write(english);
		expect(await told(english)).toContainEqual({
			subject: expect.stringMatching(/^News for Person \d+$/),
			body: expect.stringMatching(/^Dear Person \d+,\n\n.+ of .+ has written\.$/)
		});
		await write(german);
		expect((await told(german))[0]?.subject).not.toContain('News');
		const [line] = await db().select().from(auditLines).where(eq(auditLines.act, 'text-published'));
		expect(line?.detail).toEqual({ text: 'message', language: 'en', version: 1 });
	});

	it('goes back to the original, and every version stays', async () => {
		await returnToOriginal(db(), desk.coordinator, { ...MESSAGE, seen: await seen() }, now);
		expect(await ownTextOf(db(), 'message', 'en')).toBeNull();
		const personId = await linked();
		await write(personId);
		expect(await told(personId)).toMatchObject([ORIGINAL]);
		const { versions } = await ownTextPage(db(), desk.coordinator, MESSAGE);
		expect(versions.map(({ version, text, by, note }) => [version, text?.subject ?? null, by, note])).toEqual(
			[
				[2, null, 'one', ''],
				[1, 'News for {name}', 'one', 'Friendlier']
			]
		);
	});

	it('is refused where it says nothing or has a field that would go out as typed', async () => {
		expect(await faultOf(save({ subject: ' ', body: 'x' }))).toBe('invalid');
		expect(await faultOf(save({ subject: 'x', body: ' \n ' }))).toBe('invalid');
		expect(await faultOf(save({ subject: 'x', body: 'Until {until}' }))).toBe('invalid');
		const reply = { kind: 'reply-stuck', language: 'en' } as const;
		expect(await faultOf(save({ subject: '', body: 'From {organisation}' }, reply))).toBe('invalid');
		expect(await faultOf(publish())).toBe('conflict');
	});

	it('is changed by one at a time, and by nobody who may not', async () => {
		const first = await seen();
		await save();
		const late = { ...MESSAGE, ...OWN, note: '', seen: first };
		expect(await faultOf(saveTextDraft(db(), desk.second, late, now))).toBe('conflict');
		expect(await faultOf(publishText(db(), desk.second, late, now))).toBe('conflict');
		expect(await faultOf(discardTextDraft(db(), desk.second, late, now))).toBe('conflict');
		await discardTextDraft(db(), desk.second, { ...MESSAGE, seen: await seen() }, now);
		expect((await ownTextPage(db(), desk.coordinator, MESSAGE)).draft).toBeNull();
		// A form that was open before it was discarded is still refused: numbers of drafts only rise.
		expect(await seen()).toBeGreaterThan(first + 1);
		expect(await faultOf(saveTextDraft(db(), desk.second, { ...late, seen: first + 1 }, now))).toBe(
			'conflict'
		);
		const [line] = await db().select().from(auditLines).where(eq(auditLines.act, 'text-discarded'));
		expect(line).toMatchObject({ detail: { text: 'message', language: 'en' } });
		const both = await Promise.all([1, 2].map(async () => faultOf(save())));
		expect(both.filter((fault) => fault === 'none').length).toBeGreaterThan(0);
		for (const actor of [desk.reader, desk.clinician]) {
			expect(await faultOf(ownTextPage(db(), actor, MESSAGE))).toBe('not-allowed');
			expect(await faultOf(saveTextDraft(db(), actor, late, now))).toBe('not-allowed');
			expect(await faultOf(returnToOriginal(db(), actor, late, now))).toBe('not-allowed');
		}
	});
});

describe('a suggested reply', () => {
	const replyTo = async (personId: string) =>
		(await readCasePage(db(), desk.coordinator, personId, now, 'UTC')).reply;

	it('is in the person’s language, in the organisation’s words where it has any', async () => {
		const { personId } = await desk.answered({ ...MIRELA });
		const [first] = (await desk.judged(personId)).reasons;
		const kind = `reply-${first?.code}` as 'reply-stuck';
		const before = await replyTo(personId);
		expect(before).toMatch(/^Hello Person, /);
		await db().update(people).set({ language: 'de' }).where(eq(people.id, personId));
		expect(await replyTo(personId)).toMatch(/^Guten Tag, Person, /);
		await save({ subject: '', body: 'Servus {name}!' }, { kind, language: 'de' });
		expect(await sampleReply(db(), desk.coordinator, { kind, language: 'de' })).toBe('Servus one!');
		expect(await replyTo(personId)).not.toContain('Servus');
		await publish({ kind, language: 'de' });
		expect(await replyTo(personId)).toBe('Servus Person!');
		await db().update(people).set({ language: 'en' }).where(eq(people.id, personId));
		expect(await replyTo(personId)).toBe(before);
	});
});

describe('the usual text of a round, and the end of a printed letter', () => {
	it('are what a round begins with and goes out in each language, and what a clinician reads last', async () => {
		const inEnglish = { kind: 'round', language: 'en' } as const;
		const inGerman = { kind: 'round', language: 'de' } as const;
		const english = { subject: 'A quick look', body: 'Dear {name}, by {until} please. {contact}' };
		await save(english, inEnglish);
		await publish(inEnglish);
		await save({ subject: 'Ein kurzer Blick', body: 'Guten Tag {name}, bis {until}. {contact}' }, inGerman);
		await publish(inGerman);
		const own = await ownTextsOf(db(), 'round');
		expect(own.get('en')).toEqual(english);
		const round = { ...english, dueOn: '2026-04-01' };
		const from = await readOrganisation(db());
		const words = (language: string, of = round) => roundWords(of, { name: 'Edda', language }, from, own);
		expect(words('en')).toMatchObject({
			subject: 'A quick look',
			body: expect.stringContaining('by 1 April 2026')
		});
		expect(words('de')).toMatchObject({ subject: 'Ein kurzer Blick', language: 'de' });
		// Worded for this round alone, it goes out as written; and in a language without the organisation's words, too.
		expect(words('de', { ...round, subject: 'Only now' }).subject).toBe('Only now');
		expect(words('fr').subject).toBe('A quick look');

		const ending = { kind: 'referral-letter', language: 'en' } as const;
		const personId = await desk.person();
		const letter = () => referralLetterOf(db(), personId, null, { id: desk.coordinator.id });
		expect((await letter()).ending).toBe('');
		await save({ subject: '', body: 'Please write to {contact} about {name}.' }, ending);
		await publish(ending);
		const { name } = (await letter()).person;
		expect((await letter()).ending).toMatch(new RegExp(`^Please write to .+ about ${name}\\.$`));
		expect((await letter()).ending).not.toContain('{');
	});
});
