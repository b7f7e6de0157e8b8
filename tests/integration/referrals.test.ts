import { randomUUID } from 'node:crypto';
import { eq, like } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { SHIPPED_SETTINGS } from '$lib/core/cases/triage/policy-settings';
import { recordRedFlags } from '$lib/server/workforce/reports/record-red-flags';
import { readCasePage } from '$lib/server/cases/case-page';
import { readDaySheet } from '$lib/server/cases/day-sheet';
import { markMessagesRead, writeToCoordinator, writeToPerson } from '$lib/server/cases/messages';
import { addNote } from '$lib/server/cases/notes';
import { readCase } from '$lib/server/cases/read-case';
import { changePersonSettings } from '$lib/server/cases/set-up';
import { schema } from '$lib/server/platform/db/client';
import { undoActs } from '$lib/server/platform/acts/undo-acts';
import { planHere } from '../support/planning';
import { currentPlanOf } from '$lib/server/plan/plans/current-plan';
import { tickStep } from '$lib/server/plan/plans/tick-step';
import { endReferral, writeOnReferral } from '$lib/server/cases/referrals/answer-referral';
import { openReferralOf } from '$lib/server/cases/referrals/open-referral';
import { readReferral, referralsFor } from '$lib/server/cases/referrals/read-referral';
import { referCase } from '$lib/server/cases/referrals/refer';
import { referralLetterOf } from '$lib/server/cases/referrals/referral-letter';
import { daySheetGroupsOf } from '$lib/ui/cases/day-sheet/sheet-words';
import { act, Desk, faultOf, MIRELA, PAINLESS } from '../support/desk';

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const today = '2026-03-02';
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

/** Refers a case to the clinician, or by a printed letter. @returns the referral's id */
async function refer(personId: string, over: Partial<Parameters<typeof referCase>[2]> = {}) {
	const key = randomUUID();
	await referCase(
		db(),
		desk.coordinator,
		{
			key,
			personId,
			version: null,
			clinicianId: desk.clinician.id,
			toName: '',
			question: 'Please look',
			consentHow: 'spoken',
			answerBy: '2026-03-06',
			...over
		},
		now
	);
	return key;
}

const lineOf = async (personId: string, day = today) =>
	(await readDaySheet(db(), desk.coordinator, day)).lines.find((line) => line.personId === personId);

const groupOf = async (personId: string) => {
	const line = await lineOf(personId);
	return line && daySheetGroupsOf([line], today, SHIPPED_SETTINGS)[0]?.id;
};

const words = (referralId: string, text: string) => ({ key: randomUUID(), referralId, text });

describe('a referral', () => {
	it('is read, asked back and answered by its clinician, and by nobody else who is not a coordinator', async () => {
		const severe = await desk.answered({ ...MIRELA, 'pain.neck.worst': '8', 'pain.neck.days': '3' });
		const other = await desk.answered();
		const id = await refer(severe.personId);
		const theirs = await refer(other.personId, { clinicianId: '', toName: 'Dr Fenwick Marl' });
		const read = (referral: string, actor = desk.clinician) =>
			faultOf(readReferral(db(), actor, referral, now));
		expect([await read(id), await read(theirs), await read(id, desk.reader)]).toEqual([
			'none',
			'not-found',
			'not-allowed'
		]);
		// The case itself, its notes and its messages stay the coordinators'.
		expect(await faultOf(readCase(db(), desk.clinician, severe.personId, now))).toBe('not-allowed');
		expect(await faultOf(addNote(db(), desk.clinician, { ...act(severe.personId), text: 'x' }, now))).toBe(
			'not-allowed'
		);
		expect(await groupOf(severe.personId)).toBe('referred');
		expect((await lineOf(severe.personId))?.referral).toEqual({ name: 'clinic', answerBy: '2026-03-06' });

		await writeOnReferral(db(), desk.clinician, words(id, 'Does it wake them?'), desk.later(1));
		// What they ask stands with its level until someone has read it.
		expect(await groupOf(severe.personId)).toBe('clinician');
		expect((await lineOf(severe.personId))?.clinicianSaid).toBe('Does it wake them?');
		await writeOnReferral(db(), desk.coordinator, words(id, 'It does not.'), desk.later(2));
		expect(await groupOf(severe.personId)).toBe('referred');
		expect(
			(await referralsFor(db(), desk.clinician)).map(({ id: one, last }) => [one, last?.isMine])
		).toEqual([[id, false]]);

		await endReferral(db(), desk.clinician, words(id, 'Rest, and a softer edge.'), desk.later(3));
		expect(await read(id)).toBe('not-found');
		expect(await referralsFor(db(), desk.clinician)).toEqual([]);
		expect((await lineOf(severe.personId))?.clinicianSaid).toBe('Rest, and a softer edge.');
		await markMessagesRead(db(), desk.coordinator, act(severe.personId), desk.later(4));
		expect((await lineOf(severe.personId))?.clinicianSaid).toBeNull();
		// The score of 8 still wants its outcome: a clinician's answer closes no sign.
		expect(await groupOf(severe.personId)).toBe('clinician');
	});

	it('keeps an answer on the sheet where nothing else is open', async () => {
		const { personId } = await desk.answered(PAINLESS);
		await desk.settle([personId], desk.later(1));
		const id = await refer(personId);
		expect(await lineOf(personId)).toBeUndefined();
		await endReferral(db(), desk.clinician, words(id, 'Nothing to be done.'), desk.later(2));
		expect((await lineOf(personId))?.clinicianSaid).toBe('Nothing to be done.');
	});

	it('is made once, with consent, a question and someone to ask', async () => {
		const { personId } = await desk.answered();
		const refused = (over: Parameters<typeof refer>[1]) => faultOf(refer(personId, over));
		expect(await refused({ question: ' ' })).toBe('invalid');
		expect(await refused({ consentHow: null })).toBe('invalid');
		expect(await refused({ clinicianId: '', toName: ' ' })).toBe('invalid');
		expect(await refused({ clinicianId: desk.reader.id })).toBe('invalid');
		const id = await refer(personId);
		expect(await refused({})).toBe('conflict');
		// Sent twice is written once; an empty answer ends nothing.
		const line = words(id, 'Once');
		await writeOnReferral(db(), desk.clinician, line, now);
		await writeOnReferral(db(), desk.clinician, line, now);
		expect(await db().$count(schema.referralLines, eq(schema.referralLines.referralId, id))).toBe(1);
		expect(await faultOf(endReferral(db(), desk.clinician, words(id, ' '), now))).toBe('invalid');
		const lettersToThem = () => db().$count(schema.emails, like(schema.emails.subject, '%was cancelled'));
		expect(await lettersToThem()).toBe(0);
		await endReferral(db(), desk.coordinator, words(id, 'They called'), now);
		// Who was asked is told that nothing more is: a letter went out, so it can't be taken back.
		expect(await lettersToThem()).toBe(1);
		expect(await faultOf(writeOnReferral(db(), desk.coordinator, words(id, 'Late'), now))).toBe('conflict');
		expect(await openReferralOf(db(), personId)).toBeNull();
	});

	it('brings the clinician letters that name nobody, and none for a printed one', async () => {
		const { personId } = await desk.answered();
		const before = await db().select({ id: schema.emails.id }).from(schema.emails);
		const id = await refer(personId);
		await writeOnReferral(db(), desk.coordinator, words(id, 'It hurts when typing'), now);
		const printed = await desk.answered();
		await refer(printed.personId, { clinicianId: '', toName: 'Dr Fenwick Marl' });
		const letters = (await db().select().from(schema.emails)).filter(
			(letter) => letter.toEmail === 'clinic@example.org' && !before.some((old) => old.id === letter.id)
		);
		expect(letters.map(({ linkPath }) => linkPath)).toEqual([
			`/desk/referrals/${id}`,
			`/desk/referrals/${id}`
		]);
		expect(JSON.stringify(letters)).not.toMatch(/Person \d|Please look|typing/);
	});

	it('by a printed letter can be taken back on the day, one that was posted can not', async () => {
		const [posted, printed] = [await desk.answered(), await desk.answered()];
		const [a, b] = [
			await refer(posted.personId),
			await refer(printed.personId, { clinicianId: '', toName: 'Dr Fenwick Marl' })
		];
		expect(await faultOf(undoActs(db(), desk.coordinator, a, desk.later(1)))).not.toBe('none');
		await undoActs(db(), desk.coordinator, b, desk.later(1));
		expect(await openReferralOf(db(), printed.personId)).toBeNull();
	});
});

describe('the letter', () => {
	it('says who, since when, what was tried and what is so now, and nothing of what is between others', async () => {
		const first = new Date('2026-02-01T09:00:00Z');
		const { personId, open } = await desk.answered(MIRELA, first);
		await recordRedFlags(db(), personId, ['wakes-at-night'], first);
		await writeToCoordinator(db(), open, { text: 'My secret worry', key: randomUUID() }, first);
		await writeToPerson(db(), desk.coordinator, { ...act(personId), text: 'My secret answer' }, now);
		await addNote(db(), desk.coordinator, { ...act(personId), text: 'A secret note' }, now);
		const plan = await currentPlanOf(db(), open.assessment.id);
		const place = plan?.steps[0]?.place ?? 'seat';
		await tickStep(db(), open, { thing: place, done: true }, now);
		const id = await refer(personId);
		const { letter } = await readReferral(db(), desk.clinician, id, now);
		expect(letter).toMatchObject({
			to: 'clinic',
			by: { name: 'one', email: 'one@example.org' },
			question: 'Please look',
			consentHow: 'spoken',
			answerBy: '2026-03-06'
		});
		expect(letter.signs.map(({ sign }) => sign)).toContain('wakes-at-night');
		expect(letter.over.map(({ at }) => at)).toEqual([first]);
		expect(letter.steps.map((step) => [step.place, step.at])).toEqual([[place, now]]);
		expect(letter.assessmentResult?.standing).not.toEqual([]);
		const text = JSON.stringify(letter);
		expect(text).not.toMatch(/secret|household|@example\.org".*p\d+@|\/c\//);
		expect(text).not.toContain(`p${personId}`);
	});

	it('can be looked at before anybody is asked', async () => {
		const { personId } = await desk.answered();
		const letter = await referralLetterOf(db(), personId, null, desk.coordinator);
		expect(letter).toMatchObject({ to: '', question: '', consentHow: null, at: null, by: { name: 'one' } });
	});
});

describe('what is set for one person', () => {
	const set = (personId: string, over: Partial<Parameters<typeof changePersonSettings>[2]>) =>
		changePersonSettings(
			db(),
			desk.coordinator,
			{ ...act(personId), sittingStyle: null, questionnaireMode: null, breakSchedule: null, ...over },
			now,
			planHere
		);

	it('goes before what a round says, and holds for what is out already', async () => {
		const personId = await desk.person();
		await desk.send(personId);
		await set(personId, { sittingStyle: 'open', questionnaireMode: 'complete' });
		const sent = () =>
			db()
				.select({
					sittingStyle: schema.assessments.sittingStyle,
					questionnaireMode: schema.assessments.questionnaireMode
				})
				.from(schema.assessments)
				.where(eq(schema.assessments.personId, personId))
				.orderBy(schema.assessments.sentAt);
		expect(await sent()).toEqual([{ sittingStyle: 'open', questionnaireMode: 'complete' }]);
		await desk.send(personId, desk.later(1));
		expect((await sent())[1]).toEqual({ sittingStyle: 'open', questionnaireMode: 'complete' });
	});

	it('judges the answers again by another way, with a plan of its own, and is on record', async () => {
		const { personId, open } = await desk.answered();
		const before = await currentPlanOf(db(), open.assessment.id);
		await set(personId, { sittingStyle: 'forearms-down' });
		const after = await currentPlanOf(db(), open.assessment.id);
		expect(after?.id).not.toBe(before?.id);
		expect(after?.why).toBe('way');
		expect(after?.workstation.way).toBe('forearms-down');
		const page = await readCasePage(db(), desk.coordinator, personId, now, 'UTC');
		expect(page.corner?.way).toBe('forearms-down');
		expect(page.timeline.some(({ event }) => event.kind === 'act' && event.act === 'set-up')).toBe(true);
		// The same again solves nothing and changes nothing.
		await set(personId, { sittingStyle: 'forearms-down' });
		expect((await currentPlanOf(db(), open.assessment.id))?.id).toBe(after?.id);
	});

	it('is a coordinator’s', async () => {
		const personId = await desk.person();
		const act0 = { ...act(personId), sittingStyle: null, questionnaireMode: null, breakSchedule: null };
		await expect(async () =>
			changePersonSettings(db(), desk.clinician, act0, now, planHere)
		).rejects.toThrow();
	});
});

describe('the timeline', () => {
	it('has everything that was said and done, newest first', async () => {
		const { personId, open } = await desk.answered(MIRELA, new Date('2026-02-01T09:00:00Z'));
		await writeToCoordinator(db(), open, { text: 'It wobbles', key: randomUUID() }, desk.later(1));
		await writeToPerson(db(), desk.coordinator, { ...act(personId), text: 'Fold it' }, desk.later(2));
		await addNote(db(), desk.coordinator, { ...act(personId), text: 'Called twice' }, desk.later(3));
		const id = await refer(personId);
		await writeOnReferral(db(), desk.clinician, words(id, 'Since when?'), desk.later(5));
		await readCasePage(db(), desk.coordinator, personId, desk.later(6), 'UTC');
		const { timeline } = await readCasePage(db(), desk.coordinator, personId, desk.later(6), 'UTC');
		const times = timeline.map(({ at }) => Number(at));
		expect(times).toEqual([...times].sort((a, b) => b - a));
		expect(new Set(timeline.map((entry) => entry.id)).size).toBe(timeline.length);
		const texts = timeline.flatMap(({ event }) => ('text' in event ? [event.text] : []));
		for (const text of ['It wobbles', 'Fold it', 'Called twice', 'Please look', 'Since when?'])
			expect(texts.filter((one) => one === text)).toHaveLength(1);
		for (const group of ['answers', 'letters', 'desk', 'clinician', 'notes', 'messages', 'looks'])
			expect(
				timeline.some((entry) => entry.group === group),
				group
			).toBe(true);
	});
});
