import { eq } from 'drizzle-orm';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { UNSET_ORGANISATION, type Organisation } from '$lib/core/platform/organisation';
import { EMAIL_KINDS } from '$lib/core/platform/sending/email-kinds';
import { createSession, readSession } from '$lib/server/platform/access/sessions';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { schema } from '$lib/server/platform/db/client';
import { deliverEmails } from '$lib/server/platform/email/deliver-emails';
import { LOGO_CID } from '$lib/server/platform/email/compose-email';
import {
	DeliveryError,
	type MailTransport,
	type OutgoingEmail
} from '$lib/server/platform/email/mail-transport';
import { setRetention } from '$lib/server/people/erasure/retention';
import { previewEmail, sendSampleEmail } from '$lib/server/platform/organisation/sample-emails';
import {
	readLetterhead,
	readLogo,
	readOrganisation
} from '$lib/server/platform/organisation/read-organisation';
import { redrawLogo } from '$lib/server/platform/organisation/redraw-logo';
import {
	organisationPage,
	setLogo,
	setOrganisation
} from '$lib/server/platform/organisation/set-organisation';
import { readPersonPlace } from '$lib/server/people/lock-person';
import { areRemindersStopped, setReminders } from '$lib/server/people/set-reminders';
import { readPrivacyLines } from '$lib/server/questionnaire/privacy/read-privacy-lines';
import { Desk, faultOf } from '../support/desk';

const now = new Date('2026-03-02T09:00:00Z');

const WORKS: Organisation = {
	...UNSET_ORGANISATION,
	name: 'Example Works',
	contactName: 'Oriel Example',
	contactRole: 'Coordinator',
	phone: '01632 960000',
	replyTo: 'health@works.example',
	genuinePage: 'https://works.example/genuine'
};

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => {
	desk = await Desk.make(now);
});
afterAll(() => desk.test.drop());

const save = (change: Partial<Organisation>, version: number, actor = desk.coordinator) =>
	faultOf(setOrganisation(db(), actor, { organisation: { ...WORKS, ...change }, version }, now));

/** A mail server that keeps what it is handed. */
function collecting(): MailTransport & { readonly taken: OutgoingEmail[] } {
	const taken: OutgoingEmail[] = [];
	return { isReal: true, taken, deliver: async (email) => void taken.push(email) };
}

async function deliveredTo(address: string): Promise<OutgoingEmail[]> {
	const postman = collecting();
	await deliverEmails(db(), postman, 'https://corner.example', () => new Date());
	return postman.taken.filter(({ toEmail }) => toEmail === address);
}

function picture(format: 'png' | 'jpeg' | 'webp'): Promise<Buffer> {
	const drawn = sharp({ create: { width: 900, height: 300, channels: 3, background: '#2F6F73' } });
	return drawn.toFormat(format).toBuffer();
}

describe('the organisation', () => {
	it('is unset until a coordinator sets it; each field that can’t be used is named', async () => {
		expect(await readOrganisation(db())).toEqual(UNSET_ORGANISATION);
		expect(await save({ name: '  ' }, 0)).toBe('invalid');
		expect(await save({ contactName: '' }, 0)).toBe('invalid');
		expect(await save({ genuinePage: 'http://works.example' }, 0)).toBe('invalid');
		expect(await save({ replyTo: 'health at works' }, 0)).toBe('invalid');
		for (const timeZone of ['', 'Mars/Olympus', '+02:00', 'europe/lisbon'])
			expect(await save({ timeZone }, 0), timeZone).toBe('invalid');
		expect(await save({}, 0, desk.reader)).toBe('not-allowed');
		expect(await readOrganisation(db())).toEqual(UNSET_ORGANISATION);
		expect(await save({ name: ' Example Works ' }, 0)).toBe('none');
		expect(await readOrganisation(db())).toEqual(WORKS);
	});

	it('gives the desk its days, and people whose time zone isn’t known', async () => {
		const { version } = await organisationPage(db(), desk.coordinator);
		const person = await desk.person();
		const zoneOf = async () => (await readPersonPlace(db(), person))?.place.zone;
		expect(await zoneOf()).toBe('UTC');
		expect(await save({ timeZone: 'Pacific/Auckland' }, version)).toBe('none');
		expect(await zoneOf()).toBe('Pacific/Auckland');
		const browser = { device: '', isPending: false, isStrong: false };
		const { token } = await createSession(db(), desk.coordinator.id, browser, now);
		expect((await readSession(db(), token, now))?.timeZone).toBe('Pacific/Auckland');
		expect(await save({}, version + 1)).toBe('none');
	});

	it('is changed by one of two who change it at once', async () => {
		const { version } = await organisationPage(db(), desk.coordinator);
		expect(await save({ phone: '01632 960001' }, version)).toBe('none');
		expect(await save({ phone: '01632 960002' }, version, desk.second)).toBe('conflict');
		expect((await readOrganisation(db())).phone).toBe('01632 960001');
		expect(await save({}, 0)).toBe('conflict');
		expect(await save({}, version + 1)).toBe('none');
	});

	it('names a law only where taking part is a duty', async () => {
		const { version } = await organisationPage(db(), desk.coordinator);
		expect(await save({ dutyLaw: 'Screen Work Act' }, version)).toBe('none');
		expect((await readOrganisation(db())).dutyLaw).toBe('');
	});
});

describe('the logo', () => {
	it.each(['png', 'jpeg', 'webp'] as const)(
		'is drawn again from a %s, small, and with nothing else of the file',
		async (format) => {
			const hidden = Buffer.concat([await picture(format), Buffer.from('<script>hidden</script>')]);
			const logo = await redrawLogo(hidden);
			expect([logo.widthPx, logo.heightPx]).toEqual([480, 160]);
			expect(logo.png.subarray(1, 4).toString()).toBe('PNG');
			expect(logo.png.toString('latin1')).not.toContain('hidden');
		}
	);

	it('is refused where it is no picture, an SVG, or larger than what is taken', async () => {
		const svg = Buffer.from(
			'<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script>x</script></svg>'
		);
		const cut = (await picture('png')).subarray(0, 60);
		for (const bad of [svg, cut, Buffer.from('GIF89a'), Buffer.alloc(0), Buffer.alloc(2_000_001)])
			expect(await faultOf(redrawLogo(bad))).toBe('invalid');
	});

	it('travels with each email, once the organisation has one', async () => {
		await setLogo(db(), desk.coordinator, await redrawLogo(await picture('png')), now);
		const personId = await desk.person({ email: 'ada@example.org' });
		await desk.send(personId);
		const [email] = await deliveredTo('ada@example.org');
		expect(email?.logo?.png).toEqual((await readLogo(db()))?.png);
		expect(email?.html).toContain(`src="cid:${LOGO_CID}" alt="Example Works" width="240" height="80"`);
		await setLogo(db(), desk.coordinator, null, now);
		expect(await readLogo(db())).toBeNull();
	});
});

describe('the head of a printed page', () => {
	it('has the name, the address by line, and the size of the logo where there is one', async () => {
		const { version } = await organisationPage(db(), desk.coordinator);
		expect(await save({ address: '1 Example Lane\n\nExample Town' }, version)).toBe('none');
		const head = { name: 'Example Works', address: ['1 Example Lane', 'Example Town'] };
		expect(await readLetterhead(db())).toEqual({ ...head, logo: null });
		await setLogo(db(), desk.coordinator, await redrawLogo(await picture('png')), now);
		expect(await readLetterhead(db())).toEqual({ ...head, logo: { widthPx: 480, heightPx: 160 } });
		await setLogo(db(), desk.coordinator, null, now);
		expect(await save({}, (await organisationPage(db(), desk.coordinator)).version)).toBe('none');
	});
});

describe('an email', () => {
	it('is from the organisation and its contact person, and answered to them', async () => {
		const personId = await desk.person({ email: 'bo@example.org' });
		await desk.send(personId);
		const [email] = await deliveredTo('bo@example.org');
		expect(email).toMatchObject({
			fromName: 'Oriel Example, Example Works',
			replyTo: 'health@works.example',
			subject: 'Example Works: Check your home workstation (about 8 minutes)'
		});
		expect(email?.text).toContain('I’m Oriel Example from Example Works.');
		expect(email?.text).toMatch(/Start my self-assessment:\nhttps:\/\/corner\.example\/c\/[\w-]+\n/);
		expect(email?.text).toContain('Phone: 01632 960000');
		// Broken in lines that every mail program shows, but for an address.
		for (const line of email?.text.split('\n') ?? [])
			if (!line.includes('https://')) expect(line.length).toBeLessThanOrEqual(76);
		for (const file of [email?.text, email?.html]) expect(file).toContain('https://works.example/genuine');
	});

	it('of every kind can be looked at, and sent to oneself', async () => {
		for (const kind of EMAIL_KINDS) {
			const sample = { kind, language: 'en', origin: 'https://corner.example' } as const;
			const { text, html } = await previewEmail(db(), desk.coordinator, sample);
			for (const file of [text, html]) expect(file, kind).not.toMatch(/undefined|\{[a-z]+\}/i);
			await sendSampleEmail(db(), desk.coordinator, sample, now);
		}
		const [me] = await db()
			.select({ email: schema.users.email })
			.from(schema.users)
			.where(eq(schema.users.id, desk.coordinator.id));
		const sent = await deliveredTo(me?.email ?? '');
		expect(new Set(sent.map(({ subject }) => subject)).size).toBe(EMAIL_KINDS.length);
		expect(sent.every(({ html }) => !html.includes('/c/'))).toBe(true);
		const sample = { kind: 'message', language: 'en', origin: '' } as const;
		expect(await faultOf(previewEmail(db(), desk.clinician, sample))).toBe('not-allowed');
		expect(await faultOf(sendSampleEmail(db(), desk.reader, sample, now))).toBe('not-allowed');
	});
});

describe('reminders', () => {
	it('stop at a person’s wish, and start again; both are in the audit log, each once', async () => {
		const personId = await desk.person({ email: 'cy@example.org' });
		const { token } = await desk.send(personId);
		const { actor } = await openAssessment(db(), token);
		for (const areStopped of [true, true, false, true]) await setReminders(db(), actor, areStopped, now);
		expect(await areRemindersStopped(db(), personId)).toBe(true);
		const acts = (
			await db()
				.select({ act: schema.auditLines.act })
				.from(schema.auditLines)
				.where(eq(schema.auditLines.personId, personId))
		).map(({ act }) => act);
		expect(acts.filter((act) => act.startsWith('reminders-'))).toEqual([
			'reminders-stopped',
			'reminders-resumed',
			'reminders-stopped'
		]);
	});
});

describe('what people are told about their data', () => {
	it('is of the periods and the organisation as they are set now', async () => {
		const lines = async () => JSON.stringify((await readPrivacyLines(db(), 'en')).full);
		expect(await lines()).toContain('no end date');
		const policy = { yearsAfterAnswer: 3, yearsAfterLeaving: null, version: 1 };
		await setRetention(db(), desk.coordinator, policy, now);
		expect(await lines()).toContain('We delete your data 3 years after your last answer.');
		expect(await lines()).toContain('coordinator role at Example Works');
		expect(await lines()).toContain('Ask Oriel Example, Coordinator: 01632 960000, health@works.example.');
	});
});

it('a mail server that refuses loses no email', async () => {
	const personId = await desk.person({ email: 'di@example.org' });
	await desk.send(personId);
	const refusing: MailTransport = {
		isReal: true,
		deliver: () => Promise.reject(new DeliveryError('451 try later', false, '4.3.0'))
	};
	await deliverEmails(db(), refusing, 'https://corner.example', () => now);
	expect((await deliveredTo('di@example.org')).length).toBe(1);
});
