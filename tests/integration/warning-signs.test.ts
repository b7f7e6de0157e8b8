import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { EmergencyRedFlag } from '$lib/core/cases/discomfort/red-flags';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { submitAnswers } from '$lib/server/questionnaire/assessments/submit-answers';
import { withdrawAnswers } from '$lib/server/questionnaire/assessments/withdraw';
import { undoActs } from '$lib/server/platform/acts/undo-acts';
import { answerCheckIn } from '$lib/server/cases/check-ins/answer-check-in';
import { schema } from '$lib/server/platform/db/client';
import { tickFinding } from '$lib/server/cases/findings/tick-finding';
import {
	crisisLineOf,
	readCrisisLines,
	removeCrisisLine,
	setCrisisLine
} from '$lib/server/cases/warning-signs/crisis-lines';
import { clearEmergency } from '$lib/server/cases/warning-signs/clear-emergency';
import { readLinkState } from '$lib/server/cases/warning-signs/stop-guard';
import { Desk, faultOf, PAINLESS } from '../support/desk';
import { planHere } from '../support/planning';

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const CHEST: EmergencyRedFlag = 'chest-pain';

/** Someone who has answered, and what they say and tap, minutes after {@link now}. */
async function someone(answers = PAINLESS) {
	const { personId, token } = await desk.answered(answers);
	const open = () => openAssessment(db(), token);
	return {
		personId,
		token,
		open,
		say: async (said: 'yes' | 'no', minutes: number, sign: string = CHEST) =>
			saveAnswers(db(), await open(), { [`sign.${sign}`]: said }, desk.later(minutes)),
		lift: async (how: 'seen' | 'mistake' | 'safe-now', minutes: number, signs: EmergencyRedFlag[] = []) =>
			clearEmergency(db(), await open(), how, signs, desk.later(minutes)),
		isStopped: async () => (await readLinkState(db(), token)).isStopped
	};
}

describe('an open emergency', () => {
	it('stops every link of the person, until they lift it; it stays one at the desk, with what was tapped', async () => {
		const person = await someone();
		expect(await person.isStopped()).toBe(false);
		await person.say('yes', 1);
		expect(await person.isStopped()).toBe(true);
		expect(await desk.listed(person.personId)).toMatchObject({ level: 'emergency', isStopped: true });
		await person.lift('seen', 2);
		expect(await person.isStopped()).toBe(false);
		const { level, reasons } = await desk.judged(person.personId);
		expect(level).toBe('emergency');
		expect(reasons[0]).toMatchObject({ sign: CHEST, lifted: { how: 'seen', on: '2026-03-02' } });
		// Sent again with the same answer it does not stop them again: it was seen to.
		await submitAnswers(db(), await person.open(), desk.later(3), planHere);
		expect(await person.isStopped()).toBe(false);
	});

	it('is taken out of the answers by a slip, and stops again by a new yes', async () => {
		const person = await someone();
		await person.say('yes', 1);
		await person.lift('mistake', 2);
		expect((await person.open()).assessment.answers[`sign.${CHEST}`]).toBe('no');
		expect(await person.isStopped()).toBe(false);
		expect((await desk.judged(person.personId)).reasons[0]).toMatchObject({ lifted: { how: 'mistake' } });
		await person.say('yes', 3);
		expect(await person.isStopped()).toBe(true);
		expect((await desk.judged(person.personId)).reasons[0]).not.toHaveProperty('lifted');
	});

	it('that only the device has heard of is reported before it is lifted: it is never lost', async () => {
		const person = await someone();
		await person.lift('seen', 1, ['sudden-loss-of-sight']);
		expect(await person.isStopped()).toBe(false);
		expect((await desk.judged(person.personId)).reasons[0]).toMatchObject({
			code: 'emergency-sign',
			sign: 'sudden-loss-of-sight',
			lifted: { how: 'seen' }
		});
	});

	it('is over by its outcome, and open again where that is taken back', async () => {
		const person = await someone();
		await person.say('yes', 1);
		const key = await desk.reach(person.personId, { closes: [CHEST], whom: 'P' }, desk.later(2));
		expect(await person.isStopped()).toBe(false);
		await undoActs(db(), desk.coordinator, key, desk.later(3));
		expect(await person.isStopped()).toBe(true);
	});

	it('that is withdrawn stays with what was tapped; what nobody needs any more goes', async () => {
		const person = await someone();
		await person.say('yes', 1);
		await person.lift('seen', 2);
		await withdrawAnswers(db(), await person.open(), desk.later(3));
		expect((await desk.judged(person.personId)).reasons).toMatchObject([
			{ code: 'emergency-sign', sign: CHEST, lifted: { how: 'seen' } }
		]);
		const other = await someone();
		await other.say('yes', 1);
		await other.lift('seen', 2);
		await desk.reach(other.personId, { closes: [CHEST], whom: 'P' }, desk.later(3));
		await withdrawAnswers(db(), await other.open(), desk.later(4));
		const lifts = db().$count(schema.signLifts, eq(schema.signLifts.personId, other.personId));
		expect(await lifts).toBe(0);
	});

	it('said at a check-in stops too', async () => {
		const person = await someone();
		const said = { signs: [CHEST], discomfort: [], undone: [], news: [] };
		await answerCheckIn(db(), await person.open(), said, desk.later(1));
		expect(await person.isStopped()).toBe(true);
		await person.lift('mistake', 2);
		expect(await person.isStopped()).toBe(false);
	});
});

describe('a finding', () => {
	const WITH_HAZARD = { ...PAINLESS, 'check.strips': 'into-another' };
	const hazards = async (personId: string) =>
		(await desk.judged(personId)).reasons.filter(({ code }) => code === 'hazard');

	it('that is a hazard keeps the case on the list until it is ticked; nobody marks it as done over it', async () => {
		const { personId, open } = await someone(WITH_HAZARD);
		expect(await hazards(personId)).toEqual([
			{ code: 'hazard', level: 'soon', on: '2026-03-02', finding: 'chained-strips' }
		]);
		expect(await desk.settle([personId], desk.later(1))).toMatchObject({ leftOut: [personId] });
		await tickFinding(db(), await open(), { finding: 'chained-strips', how: 'done' }, desk.later(2));
		expect(await hazards(personId)).toEqual([]);
		expect(await desk.settle([personId], desk.later(3))).toMatchObject({ settled: [personId] });
	});

	it('stays a hazard where it is refused, comes undone at a check-in, and is taken back', async () => {
		const { personId, open } = await someone(WITH_HAZARD);
		const tick = async (how: 'done' | 'not-here' | 'open', minutes: number) =>
			tickFinding(db(), await open(), { finding: 'chained-strips', how }, desk.later(minutes));
		await tick('not-here', 1);
		expect(await hazards(personId)).toMatchObject([{ refused: true }]);
		await tick('done', 2);
		const undone = { signs: [], discomfort: [], undone: ['chained-strips' as const], news: [] };
		await answerCheckIn(db(), await open(), undone, desk.later(3));
		expect(await hazards(personId)).toHaveLength(1);
		await tick('done', 4);
		expect(await hazards(personId)).toEqual([]);
		await tick('open', 5);
		expect(await hazards(personId)).toHaveLength(1);
	});

	it('that is told after the answers were sent counts at once, and again after it was ticked', async () => {
		const { personId, open } = await someone();
		const say = async (strips: string, minutes: number) =>
			saveAnswers(db(), await open(), { 'check.strips': strips }, desk.later(minutes));
		expect(await hazards(personId)).toEqual([]);
		await say('into-another', 1);
		expect(await hazards(personId)).toHaveLength(1);
		await tickFinding(db(), await open(), { finding: 'chained-strips', how: 'done' }, desk.later(2));
		expect(await hazards(personId)).toEqual([]);
		// Said as it was said already, nothing is new; said again, it is open again.
		await say('into-another', 3);
		expect(await hazards(personId)).toEqual([]);
		await say('into-the-wall', 4);
		await say('into-another', 5);
		expect(await hazards(personId)).toHaveLength(1);
		await say('into-the-wall', 6);
		expect(await hazards(personId)).toEqual([]);
	});

	it('that the answers don’t show is passed over', async () => {
		const { personId, open } = await someone();
		const before = await desk.judged(personId);
		await tickFinding(db(), await open(), { finding: 'bed-or-sofa', how: 'done' }, desk.later(1));
		expect(await desk.judged(personId)).toEqual(before);
		const ticks = db().$count(
			schema.findingTicks,
			eq(schema.findingTicks.assessmentId, (await open()).assessment.id)
		);
		expect(await ticks).toBe(0);
	});
});

describe('the crisis line', () => {
	it('of a country is what a coordinator has set; none is shipped, and a reader may set none', async () => {
		expect(await crisisLineOf(db(), 'GB')).toBeNull();
		const line = { country: 'GB', name: 'An invented line', phone: '+44 20 7946 0199' };
		expect(await faultOf(setCrisisLine(db(), desk.reader, line, now))).toBe('not-allowed');
		await setCrisisLine(db(), desk.coordinator, line, now);
		expect(await crisisLineOf(db(), 'GB')).toEqual({ name: line.name, phone: line.phone });
		expect(await crisisLineOf(db(), '')).toBeNull();
		expect(await faultOf(removeCrisisLine(db(), desk.reader, 'GB', now))).toBe('not-allowed');
		await removeCrisisLine(db(), desk.coordinator, 'GB', desk.later(1));
		expect(await readCrisisLines(db(), desk.coordinator)).toEqual([]);
	});
});
