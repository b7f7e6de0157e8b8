import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { askedItems, newestChecklist, CHECKLIST_VERSIONS } from '../checklist/checklist';
import { findingRule } from '../checklist/findings';
import { findingsForFacts, orderFindings } from '../checklist/order-findings';
import { isHazard } from '../checklist/hazards';
import { isSafetyItem } from '../checklist/item';
import { makeOwnChecklist, wordsOnlyIn, type ChecklistDocument } from '../checklist/own-checklist';
import { CHECKLIST_STATIONS } from '../checklist/stations';
import { BODY_PLACES, painField } from '../answers/discomfort-answers';
import { checklistAnswersOf, factsOfAnswers } from '../answers/checklist-fields';
import { pageOfField } from '../answers/page-of-field';
import { prefilledAnswers } from '../answers/prefilled-answers';
import { setUpAsMeasured } from '../../workstation/checks/set-up';
import { openQuestions, selectQuestions } from '../select-questions';
import { randomAnswers } from '../../../../../tests/support/random-answers';
import { randomCorner } from '../../../../../tests/support/random-corner';
import '../../../../../tests/support/same-chance';
import { checklistChanges, isUnchanged } from './checklist-changes';
import { checklistFaults, secondsForAll } from './checklist-faults';
import { SECONDS_FOR_ALL } from './checklist-limits';
import { validateChecklistDocument } from './document-schema';
import {
	leftOutItems,
	moveItem,
	removeFinding,
	removeItem,
	renumbered,
	rewordItem,
	saveFinding,
	saveItem,
	takeItemIn,
	unchangedChecklist,
	withNextId
} from './edit-checklist';

const shipped = newestChecklist(CHECKLIST_VERSIONS);
const start = unchangedChecklist(shipped.version);
const SAFETY = shipped.items.filter(isSafetyItem).map(({ id }) => id);

const itemWords = (question: string) => ({
	question,
	why: 'It pulls your shoulder up.',
	look: '',
	answers: { a1: 'Yes', a2: 'No' }
});

/** A lamp that nobody can reach: a question with a problem of its own. */
function withLamp(document: ChecklistDocument, { isForAll = false, isSafety = false } = {}) {
	const problem = withNextId(document, 'light', isSafety);
	const found = saveFinding(
		problem.document,
		{ id: problem.id, regions: ['shoulder'], household: [], shop: [] },
		{ en: { name: 'The lamp is out of reach', fix: 'Move the lamp to the table.' } }
	);
	const question = withNextId(found, 'light', isSafety);
	const item = {
		id: question.id,
		station: 'light' as const,
		when: [{ of: 'posture' as const, isOneOf: ['sitting'] }],
		answers: [
			{ id: 'a1', finding: null },
			{ id: 'a2', finding: problem.id }
		],
		isForAll,
		seconds: 8
	};
	const saved = saveItem(question.document, item, { en: itemWords('Can you reach your lamp?') });
	return { document: saved, id: question.id, problem: problem.id };
}

type Edit = (document: ChecklistDocument) => ChecklistDocument;

const ids = shipped.items.map(({ id }) => id);
const anyId = fc.oneof(fc.constantFrom(...ids), fc.constantFrom('own-light-2', 'own-light-4-safety', 'none'));
const anyEdit: fc.Arbitrary<Edit> = fc.oneof(
	anyId.map(
		(id): Edit =>
			(document) =>
				removeItem(document, id)
	),
	anyId.map(
		(id): Edit =>
			(document) =>
				takeItemIn(document, id)
	),
	fc.tuple(anyId, fc.nat(15)).map(
		([id, to]): Edit =>
			(document) =>
				moveItem(document, id, to)
	),
	anyId.map(
		(id): Edit =>
			(document) =>
				rewordItem(document, id, { en: itemWords('Is it so?') })
	),
	fc.boolean().map(
		(isSafety): Edit =>
			(document) =>
				withLamp(document, { isSafety }).document
	),
	anyId.map(
		(id): Edit =>
			(document) =>
				removeFinding(document, id)
	)
);
const anyDocument = fc
	.array(anyEdit, { maxLength: 25 })
	.map((edits) => edits.reduce((document, edit) => edit(document), start));

describe('editing a checklist', () => {
	it('never loses a safety question, asks each question once and by station, and stays a valid document', () => {
		fc.assert(
			fc.property(anyDocument, (document) => {
				const { items } = makeOwnChecklist(document, 1001);
				const asked = items.map(({ id }) => id);
				expect(SAFETY.filter((id) => !asked.includes(id))).toEqual([]);
				expect(new Set(asked).size).toBe(document.order.length);
				const stations = items.map(({ station }) => CHECKLIST_STATIONS.indexOf(station));
				expect(stations).toEqual([...stations].sort((a, b) => a - b));
				expect(validateChecklistDocument(document)).toMatchObject({ ok: true });
				const own = [...document.items, ...document.findings].map(({ id }) => id);
				expect(new Set(own).size).toBe(own.length);
				for (const id of leftOutItems(document)) expect(takeItemIn(document, id).order).toContain(id);
			}),
			{ numRuns: 150 }
		);
	});

	it('finds the same as before in every answer that is still asked', () => {
		fc.assert(
			fc.property(anyDocument, fc.nat(5000), (document, seed) => {
				const own = makeOwnChecklist(document, 1001);
				const answers = randomAnswers(seed);
				const facts = factsOfAnswers(answers, 'upright');
				const given = checklistAnswersOf(answers);
				const both = new Set(askedItems(own, facts, given).map(({ id }) => id));
				const before = findingsForFacts(shipped, facts, given).filter(({ item }) => both.has(item));
				const key = ({ item, finding }: (typeof before)[number]) => `${item} ${finding}`;
				expect(findingsForFacts(own, facts, given).map(key).sort()).toEqual(before.map(key).sort());
			}),
			{ numRuns: 100 }
		);
	});

	it('says nothing is different between a checklist and itself, and something wherever anything was edited', () => {
		expect(isUnchanged(checklistChanges(start, start))).toBe(true);
		const { document, id, problem } = withLamp(start);
		expect(checklistChanges(start, document)).toEqual({
			added: [id],
			leftOut: [],
			changed: [],
			findings: [problem],
			isReordered: false
		});
		const reworded = rewordItem(document, 'window-clock', { en: itemWords('Where is the window?') });
		expect(checklistChanges(document, reworded).changed).toEqual(['window-clock']);
		expect(checklistChanges(start, removeItem(start, 'get-up')).leftOut).toEqual(['get-up']);
		expect(checklistChanges(start, moveItem(start, 'crossed-legs', 0)).isReordered).toBe(true);
		// Put back, it is as it was.
		const back = takeItemIn(removeItem(start, 'get-up'), 'get-up');
		expect(isUnchanged(checklistChanges(start, back))).toBe(true);
		expect(isUnchanged(checklistChanges(reworded, rewordItem(reworded, 'window-clock', {})))).toBe(false);
	});

	it('gives no number twice, also after what had it was taken out', () => {
		const { document, id, problem } = withLamp(start);
		const emptied = removeFinding(removeItem(document, id), problem);
		const again = withLamp(emptied);
		expect([id, problem]).not.toContain(again.id);
		expect([id, problem]).not.toContain(again.problem);
	});

	it('numbers what comes from elsewhere anew, with every reference to it', () => {
		const { document } = withLamp(start, { isSafety: true });
		const moved = renumbered(document, 40);
		expect(moved.items.map(({ id }) => id)).toEqual(['own-light-42-safety']);
		expect(moved.findings.map(({ id }) => id)).toEqual(['own-light-41-safety']);
		expect(moved.items[0]?.answers[1]?.finding).toBe('own-light-41-safety');
		expect(moved.numbers).toBe(42);
		expect(checklistFaults(moved, ['en'])).toEqual([]);
		expect(Object.keys(moved.words.en?.items ?? {})).toEqual(['own-light-42-safety']);
	});
});

describe('what keeps a checklist from being published', () => {
	const codes = (document: ChecklistDocument, languages: readonly string[] = ['en']) =>
		checklistFaults(document, languages).map(({ code }) => code);
	const lamp = withLamp(start);
	const [item] = lamp.document.items;
	if (!item) throw new Error('a question was just added');
	const changed = (change: Partial<typeof item>) =>
		codes(saveItem(lamp.document, { ...item, ...change }, { en: itemWords('Can you reach your lamp?') }));

	it('is nothing for a whole checklist, shipped or with a question added', () => {
		expect(codes(start, ['en', 'de', 'fr', 'es'])).toEqual([]);
		expect(codes(lamp.document)).toEqual([]);
	});

	it('names words that are missing, by language', () => {
		expect(codes(lamp.document, ['en', 'de'])).toEqual([
			'no-question',
			'no-why',
			'no-answer-words',
			'no-name',
			'no-fix'
		]);
		expect(checklistFaults(lamp.document, ['de'])[0]).toMatchObject({ of: lamp.id, language: 'de' });
		const same = { ...itemWords('Can you?'), answers: { a1: 'Yes', a2: 'Yes ' } };
		expect(codes(saveItem(lamp.document, item, { en: same }))).toEqual(['same-answers']);
	});

	it('names answers that lead nowhere, and problems that are gone, unused or without a fix', () => {
		expect(changed({ answers: item.answers.map(({ id }) => ({ id, finding: null })) })).toEqual([
			'leads-nowhere',
			'unused-finding'
		]);
		expect(changed({ answers: item.answers.slice(1) })).toEqual(['few-answers']);
		expect(codes(removeFinding(lamp.document, lamp.problem))).toEqual(['unknown-finding']);
		const [finding] = lamp.document.findings;
		if (!finding) throw new Error('a problem was just added');
		const nameless = { en: { name: 'The lamp is out of reach', fix: ' ' } };
		expect(codes(saveFinding(lamp.document, finding, nameless))).toEqual(['no-fix']);
		expect(codes(saveFinding(lamp.document, { ...finding, household: ['get-up'] }, nameless))).toEqual([]);
	});

	it('names conditions that nobody meets, that are not asked, or that are asked later', () => {
		expect(changed({ when: [{ of: 'posture', isOneOf: [] }] })).toEqual(['empty-condition']);
		expect(changed({ when: [{ of: 'posture', isOneOf: ['floating'] }] })).toEqual(['unknown-condition']);
		expect(changed({ when: [{ of: 'item:nothing', isOneOf: ['a1'] }] })).toEqual(['unknown-condition']);
		expect(changed({ when: [{ of: 'item:get-up', isOneOf: ['seldom'] }] })).toEqual(['later-condition']);
		expect(changed({ when: [{ of: 'item:whole-foot', isOneOf: ['hanging'] }] })).toEqual([]);
		expect(changed({ when: [{ of: 'item:whole-foot', isOneOf: ['purple'] }] })).toEqual([
			'unknown-condition'
		]);
		// The sun is asked about only where there is a window.
		const alone = checklistFaults(removeItem(start, 'window-clock'), ['en']);
		expect(alone.map(({ code, about }) => `${code} ${about}`)).toContain('needs-left-out window-clock');
	});

	it('keeps the promised minutes: what everyone is asked takes no more than a minute', () => {
		let document = start;
		for (let i = 0; i < 7; i += 1) document = withLamp(document, { isForAll: true }).document;
		expect(secondsForAll(document)).toBe(56);
		expect(codes(document)).toEqual([]);
		const over = withLamp(document, { isSafety: true }).document;
		expect(secondsForAll(over)).toBeGreaterThan(SECONDS_FOR_ALL);
		expect(codes(over)).toEqual(['too-long-for-all']);
	});

	it('names a safety question that a file leaves out', () => {
		const file = { ...start, order: start.order.filter((id) => id !== 'walkway') };
		expect(codes(file)).toEqual(['safety-left-out']);
	});
});

describe('a question of the organisation', () => {
	const { document, id, problem } = withLamp(start);
	const checklist = makeOwnChecklist(document, 1001);
	const asking = { way: 'upright', checklist } as const;
	const open = (answers: Record<string, string>, mode: 'short' | 'complete') =>
		openQuestions(answers, asking, mode).map((question) => question.id);

	it('is asked at its station, where it applies: in the complete version, and worth more where it hurts', () => {
		const field = `check.${id}`;
		expect(pageOfField(field)).toBe('light');
		expect(open({}, 'complete')).toContain(field);
		expect(open({}, 'short')).not.toContain(field);
		const place = BODY_PLACES.find(({ region }) => region === 'shoulder');
		if (!place) throw new Error('a shoulder is a place where it can hurt');
		const sore = { hurts: 'yes', [painField(place, 'worst')]: '9', [painField(place, 'days')]: '5' };
		const worth = (answers: Record<string, string>) =>
			selectQuestions(answers, asking).find(({ question }) => question.id === field)?.worth;
		expect(worth({})).toBe(0);
		expect(worth(sore)).toBeGreaterThan(0.4);
		expect(open({ posture: 'standing' }, 'complete')).not.toContain(field);
		const everyone = makeOwnChecklist(withLamp(start, { isForAll: true }).document, 1001);
		expect(
			openQuestions({}, { way: 'upright', checklist: everyone }, 'short').map((question) => question.id)
		).toContain('check.own-light-2');
	});

	it('leads to its problem, at its station, tied to where it hurts; a safety one is a hazard and asked of all', () => {
		const corner = randomCorner(7, { rigid: 0, soft: 0, span: 0 });
		const reports = [
			{ region: 'shoulder', side: null, worst: 7, days: 5, hinders: 'some', kinds: ['ache'] }
		] as never;
		const found = orderFindings(
			checklist,
			{ ...corner, spot: { ...corner.spot, posture: 'sitting' } },
			{ [id]: 'a2' },
			reports
		);
		expect(found.find(({ finding }) => finding === problem)).toMatchObject({
			station: 'light',
			seenIn: [id],
			tiedTo: ['shoulder']
		});
		expect(isHazard(problem)).toBe(false);
		const safe = withLamp(start, { isSafety: true });
		expect(isHazard(safe.problem)).toBe(true);
		expect(isSafetyItem({ id: safe.id, station: 'light' })).toBe(true);
		// Without the checklist that it belongs to, its station is still known, and nothing else is made up.
		expect(findingRule(problem)).toMatchObject({ station: 'light', regions: [], household: [] });
	});

	it('is asked anew the next time, and needs no more than its own language on a page', () => {
		const before = { [`check.${id}`]: 'a2', 'check.get-up': 'seldom' };
		const next = prefilledAnswers(before, setUpAsMeasured(randomCorner(3, { rigid: 0, soft: 0, span: 0 })));
		expect(next).toEqual({ 'check.get-up': 'seldom' });
		const two = { ...document, words: { ...document.words, de: { items: {}, findings: {} } } };
		expect(Object.keys(wordsOnlyIn(two, 'de').words)).toEqual(['de']);
		expect(Object.keys(wordsOnlyIn(document, 'fr').words)).toEqual(['en']);
	});
});
