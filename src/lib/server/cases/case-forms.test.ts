import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { CLOSABLE } from '../../core/cases/case-assessment/vocabulary';
import { DomainError } from '../platform/domain-error';
import { MAX_MESSAGE_CHARS } from './messages';
import {
	contactOf,
	personDetailsOf,
	readContact,
	readEquipment,
	readFollowUp,
	readMessage,
	readNote,
	readOwnerForm,
	readPerson,
	readPostpone,
	readRefer,
	readSetUp,
	readVersioned,
	requireFutureDay
} from './case-forms';

type Reader = (request: Request) => Promise<unknown>;

const posted = (fields: Readonly<Record<string, string>>, type = 'application/x-www-form-urlencoded') =>
	new Request('http://localhost/desk', {
		method: 'POST',
		headers: { 'content-type': type },
		body: new URLSearchParams(fields).toString()
	});

const ACT = { key: randomUUID(), version: '3' };

/** Where a form is refused; null where it is read. */
async function refusedAt(read: Reader, fields: Readonly<Record<string, string>>): Promise<string | null> {
	try {
		await read(posted(fields));
		return null;
	} catch (thrown) {
		if (thrown instanceof DomainError) return thrown.at ?? '';
		throw thrown;
	}
}

describe('every form of a case', () => {
	const FORMS: readonly (readonly [string, Reader, Readonly<Record<string, string>>])[] = [
		['an act', readVersioned, ACT],
		['a follow-up', readFollowUp, { ...ACT, kind: 'look', due: '2026-03-05', reason: 'Lamp' }],
		['an owner', readOwnerForm, { ...ACT, owner: randomUUID() }],
		['a set-up', readSetUp, { ...ACT, sittingStyle: 'open', questionnaireMode: '', breakSchedule: '' }],
		['a postponement', readPostpone, { ...ACT, until: '2026-03-05', reason: 'On holiday' }],
		['a message', readMessage, { key: ACT.key, text: 'Hello' }],
		['a note', readNote, { key: ACT.key, text: 'Called', isKeptBack: 'yes' }],
		['a referral', readRefer, { ...ACT, question: 'What?', toName: 'A clinic', consentHow: 'spoken' }],
		[
			'a decision',
			readEquipment,
			{ ...ACT, request: randomUUID(), to: 'ordered', supplier: 'S', cost: '12.50' }
		],
		['a contact', readContact, { ...ACT, how: 'phone', result: 'reached', whom: 'Ada', said: 'Better' }],
		['a person', readPerson, { version: '1', name: 'Ada', email: 'ada@example.org', country: 'GB' }]
	];

	it.each(FORMS)('%s is read as it was sent', async (_, read, fields) => {
		expect(await read(posted(fields))).toEqual(fields);
	});

	it.each(FORMS)(
		'%s is refused with a field that it doesn’t have, or as another kind of body',
		async (_, read, fields) => {
			expect(await refusedAt(read, { ...fields, isAdmin: 'yes' })).not.toBeNull();
			await expect(read(posted(fields, 'text/plain'))).rejects.toMatchObject({ why: 'unreadableForm' });
		}
	);

	it.each(FORMS.filter(([, , fields]) => 'key' in fields))(
		'%s is refused without the key that makes it one act, or with another’s shape',
		async (_, read, { key: _key, ...fields }) => {
			expect(await refusedAt(read, fields)).not.toBeNull();
			expect(await refusedAt(read, { ...fields, key: 'no-uuid' })).toBe('/key');
		}
	);

	it.each(FORMS.filter(([, , fields]) => 'version' in fields))(
		'%s is refused with a version that is none',
		async (_, read, fields) => {
			for (const version of ['', '-1', '1e3', '99999999999'])
				expect(await refusedAt(read, { ...fields, version }), version).toBe('/version');
		}
	);
});

describe('what is typed', () => {
	it('is refused where it is too long, and where', async () => {
		expect(await refusedAt(readMessage, { key: ACT.key, text: 'x'.repeat(MAX_MESSAGE_CHARS) })).toBeNull();
		expect(await refusedAt(readMessage, { key: ACT.key, text: 'x'.repeat(MAX_MESSAGE_CHARS + 1) })).toBe(
			'/text'
		);
		expect(await refusedAt(readFollowUp, { ...ACT, kind: 'look', due: 'tomorrow please' })).toBe('/due');
		expect(await refusedAt(readFollowUp, { ...ACT, kind: 'other', due: '2026-03-05' })).toBe('/kind');
		expect(await refusedAt(readEquipment, { ...ACT, request: randomUUID(), to: 'stolen' })).toBe('/to');
	});

	it('can’t hold a character that the database can’t store', async () => {
		expect(await refusedAt(readNote, { key: ACT.key, text: 'before\u0000after' })).not.toBeNull();
	});

	it('counts once where a field is repeated: the last', async () => {
		const body = `${new URLSearchParams({ key: ACT.key, text: 'first' }).toString()}&text=second`;
		const request = new Request('http://localhost/desk', {
			method: 'POST',
			headers: { 'content-type': 'application/x-www-form-urlencoded' },
			body
		});
		expect(await readMessage(request)).toMatchObject({ text: 'second' });
	});
});

describe('a contact', () => {
	const PERSON = randomUUID();
	const filled = {
		...ACT,
		how: 'phone',
		result: 'reached',
		whom: 'Ada',
		said: 'Better',
		next: 'look'
	} as const;

	it('says what was seen of each height, and nothing of those nobody looked at', async () => {
		const form = await readContact(
			posted({ ...filled, how: 'video', 'saw.eye': 'problem', 'saw.elbow': 'fits', 'saw.knee': '' })
		);
		expect(contactOf(form, PERSON).saw).toEqual({ eye: 'problem', elbow: 'fits' });
		await expect(readContact(posted({ ...filled, 'saw.eye': 'maybe' }))).rejects.toBeInstanceOf(DomainError);
	});

	it('closes what is ticked, each by its own name, and nothing else', async () => {
		const [first, second] = CLOSABLE;
		const form = await readContact(
			posted({ ...filled, [`closes.${first}`]: 'yes', [`closes.${second}`]: 'yes' })
		);
		expect(contactOf(form, PERSON)).toMatchObject({
			personId: PERSON,
			version: 3,
			closes: [first, second],
			next: 'look'
		});
		expect(await refusedAt(readContact, { ...filled, [`closes.${first}`]: 'no' })).toBe(`/closes.${first}`);
		expect(await refusedAt(readContact, { ...filled, 'closes.everything': 'yes' })).not.toBeNull();
	});

	it('has no next step where none was chosen', async () => {
		for (const next of ['', undefined]) {
			const { next: _, ...others } = filled;
			const form = await readContact(posted(next === undefined ? others : { ...others, next }));
			expect(contactOf(form, PERSON)).toMatchObject({ next: null, closes: [], nextOn: '', why: '' });
		}
	});
});

describe('a person’s details', () => {
	it('are complete whatever was left out', () => {
		expect(personDetailsOf({ name: 'Ada', email: 'ada@example.org' })).toEqual({
			name: 'Ada',
			email: 'ada@example.org',
			staffNumber: '',
			team: '',
			phone: '',
			country: '',
			region: '',
			timeZone: '',
			language: 'en'
		});
		expect(personDetailsOf({ name: 'Ada', email: 'a@b.example', language: 'de' }).language).toBe('de');
	});

	it.each([
		['email', 'no address'],
		['country', 'Germany'],
		['phone', 'call me'],
		['language', 'German'],
		['name', '']
	])('are refused where the %s can’t be one', async (field, value) => {
		const fields = { version: '1', name: 'Ada', email: 'ada@example.org', [field]: value };
		expect(await refusedAt(readPerson, fields)).toBe(`/${field}`);
	});
});

describe('a day to come', () => {
	it('is today or later, and exists', () => {
		expect(requireFutureDay('2026-03-05', '2026-03-05')).toBe('2026-03-05');
		for (const [due, why] of [
			['2026-03-04', 'dayHasPassed'],
			['2026-02-30', 'noSuchDay'],
			['', 'noSuchDay']
		] as const)
			expect(() => requireFutureDay(due, '2026-03-05')).toThrow(expect.objectContaining({ why }));
	});
});
