import { SHIPPED_RULES } from '../../platform/rules/shipped-rules';
import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { checklistTextsFor } from '$lib/messages/checklist';
import type { WordsByFacts } from '$lib/messages/words-by-facts';
import { DEMO_PEOPLE } from '../../../../../seed/people';
import { cornerFromAnswers } from '../answers/corner-from-answers';
import { factsOf } from '../../plan/conditions/facts';
import type { Corner } from '../../workstation/corner/corner';
import type { RegionReport } from '../../cases/discomfort/report';
import { askedItems, checklistOf, CHECKLIST_VERSIONS, type ChecklistAnswers } from './checklist';
import { FINDING_IDS, findingRule } from './findings';
import { checklistAnswerIssues } from './read-answers';
import { measuredFindings } from './measured-findings';
import { orderFindings } from './order-findings';
import { CHECKLIST_STATIONS } from './stations';

function cornerOf(name: string): Corner {
	const person = DEMO_PEOPLE.find((p) => p.name.startsWith(name));
	const { corner } = cornerFromAnswers(person?.answers ?? {}, 'upright');
	if (!corner) throw new Error(`${name} has no corner`);
	return corner;
}

const mirela = cornerOf('Mirela');
const sore = (region: RegionReport['region'], worst = 5): RegionReport => ({
	region,
	side: null,
	worst,
	days: 3,
	hinders: 'no',
	kinds: ['ache']
});

describe('the checklist', () => {
	it.each([
		[1, '926996e78474886a4dcd6fdde3ed15aa48190a9ac3e8d3f9d9099c4fca04d5cf'],
		[2, 'c7010cdc0caa60cc2a0ace89b465e7d52fd50ff0dc147dd72d6e27ffaf1acc45'],
		[3, 'd4b0ce9c930aa3256e676b167da0fcf13a4825f13fd2b24b8e206bae3569a91a']
	])('of version %i is never changed: a change is a new version', (version, hash) => {
		const text = JSON.stringify(checklistOf(version));
		expect(createHash('sha256').update(text).digest('hex')).toBe(hash);
	});

	it('asks from the floor up, each question once, with one answer at least that is fine', () => {
		const stations = SHIPPED_RULES.checklist.items.map(({ station }) => CHECKLIST_STATIONS.indexOf(station));
		expect(stations).toEqual([...stations].sort((a, b) => a - b));
		const ids = SHIPPED_RULES.checklist.items.map(({ id }) => id);
		expect(new Set(ids).size).toBe(ids.length);
		for (const item of SHIPPED_RULES.checklist.items) {
			expect(
				item.answers.some(({ finding }) => finding === null),
				item.id
			).toBe(true);
			expect(item.answers.length).toBeGreaterThan(1);
		}
	});

	it('leaves no finding that nothing can find, and finds nothing at another station', () => {
		const asked = new Set(
			CHECKLIST_VERSIONS.flatMap(({ items }) => items).flatMap(({ answers }) =>
				answers.map(({ finding }) => finding)
			)
		);
		// These are shown by numbers: heights, depths, distances, armrest.
		const measured = [
			'shallow-desk',
			'seat-too-high',
			'seat-too-low',
			'thigh-pressed',
			'thigh-unsupported',
			'no-low-back-support',
			'keys-too-high',
			'keys-too-low',
			'armrest-too-high',
			'armrest-too-low',
			'armrest-meets-table',
			'troubled-wrists',
			'screen-too-low',
			'screen-too-high',
			'screen-too-near',
			'screen-too-far'
		];
		expect(FINDING_IDS.filter((id) => !asked.has(id))).toEqual(measured);
		for (const { id, station, answers } of SHIPPED_RULES.checklist.items)
			for (const { finding } of answers)
				if (finding && id !== 'chair') expect([id, findingRule(finding).station]).toEqual([id, station]);
	});

	it('depends only on questions that come before', () => {
		const seen = new Set<string>();
		for (const { id, when } of SHIPPED_RULES.checklist.items) {
			for (const { of, isOneOf } of when)
				if (of.startsWith('item:')) {
					const before = SHIPPED_RULES.checklist.items.find((item) => item.id === of.slice(5));
					expect(seen.has(of.slice(5))).toBe(true);
					expect(before?.answers.map((a) => a.id)).toEqual(expect.arrayContaining([...isOneOf]));
				}
			seen.add(id);
		}
	});

	it('has words for all of it, each question ending in a question mark', () => {
		const texts = checklistTextsFor('en');
		const all = (text: WordsByFacts) => (typeof text === 'string' ? [text] : text.map((part) => part.text));
		for (const { question, why } of Object.values(texts.items)) {
			for (const text of all(question)) expect(text).toMatch(/\?$/);
			for (const text of all(why)) expect(text.length).toBeGreaterThan(10);
			// The last part of a text that follows the facts holds for everybody.
			for (const text of [question, why])
				if (typeof text !== 'string') expect(text.at(-1)?.holds).toEqual({});
		}
		const ids = new Set(CHECKLIST_VERSIONS.flatMap(({ items }) => items).map(({ id }) => id));
		expect(new Set(Object.keys(texts.items))).toEqual(ids);
	});
});

describe('askedItems', () => {
	const ids = (corner: Corner, answers: ChecklistAnswers = {}) =>
		askedItems(SHIPPED_RULES.checklist, factsOf(corner), answers).map(({ id }) => id);

	it('asks what the corner makes meaningful', () => {
		expect(ids(mirela)).toContain('whole-foot');
		expect(ids(mirela)).not.toContain('standing-legs');
		expect(ids(mirela)).not.toContain('tips-head-back');
		const glasses = { ...mirela, person: { ...mirela.person, lenses: 'progressive' as const } };
		expect(ids(glasses)).toContain('tips-head-back');
		const standing = { ...mirela, spot: { ...mirela.spot, posture: 'standing' as const, seat: null } };
		expect(ids(standing)).toContain('standing-legs');
		expect(ids(standing)).not.toContain('whole-foot');
	});

	it('branches on answers, and forgets what a hidden question was once answered', () => {
		expect(ids(mirela, { screens: 'one' })).toContain('ahead');
		expect(ids(mirela, { screens: 'one' })).not.toContain('main-screen');
		expect(ids(mirela, { screens: 'two' })).toContain('main-screen');
		expect(ids(mirela)).not.toContain('ahead');
		const stale = orderFindings(
			SHIPPED_RULES.checklist,
			mirela,
			{ screens: 'two', ahead: 'to-one-side' },
			[]
		);
		expect(stale.map(({ finding }) => finding)).not.toContain('screen-not-ahead');
	});
});

describe('checklistAnswerIssues', () => {
	it('names the place of an unknown question or answer', () => {
		expect(
			checklistAnswerIssues(SHIPPED_RULES.checklist, { 'work-surface': 'table', ahead: 'straight' })
		).toEqual([]);
		expect(checklistAnswerIssues(SHIPPED_RULES.checklist, { 'no/such': 'x' })).toMatchObject([
			{ code: 'unknown-question', at: '/no~1such' }
		]);
		expect(checklistAnswerIssues(SHIPPED_RULES.checklist, { 'work-surface': 'moon' })).toMatchObject([
			{ code: 'unknown-answer', at: '/work-surface' }
		]);
		expect(checklistAnswerIssues(SHIPPED_RULES.checklist, { 'work-surface': '__proto__' })).toHaveLength(1);
	});
});

describe('measuredFindings', () => {
	it('tells the demo people apart', () => {
		const found = (name: string) => measuredFindings(cornerOf(name)).map(({ finding }) => finding);
		expect(found('Mirela')).toEqual(
			expect.arrayContaining(['seat-too-high', 'keys-too-high', 'screen-too-low', 'no-low-back-support'])
		);
		expect(found('Teodor')).toEqual(
			expect.arrayContaining(['keys-too-high', 'screen-too-low', 'laptop-alone', 'shallow-desk'])
		);
		expect(found('Ansa')).toEqual([]);
	});
});

describe('orderFindings', () => {
	const answers = {
		walkway: 'people-pass',
		phone: 'between-ear-and-shoulder',
		shoulders: 'raised',
		even: 'one-side'
	};
	const order = (reports: readonly RegionReport[]) =>
		orderFindings(SHIPPED_RULES.checklist, mirela, answers, reports);

	it('puts the lowest wrong thing first, but for what belongs to a likely cause of a complaint, which comes before all', () => {
		const stations = (reports: readonly RegionReport[]) =>
			order(reports).map(({ station }) => CHECKLIST_STATIONS.indexOf(station));
		for (const reports of [[], [sore('neck', 9)], [sore('eyes', 10), sore('wrist-hand', 8)]]) {
			const caused = order(reports).filter(({ cause }) => cause !== null);
			const found = stations(reports).slice(caused.length);
			expect(found).toEqual([...found].sort((a, b) => a - b));
			expect(order(reports).slice(0, caused.length)).toEqual(caused);
		}
		expect(order([sore('neck', 9)])[0]).toMatchObject({
			finding: 'screen-too-low',
			cause: { cause: 'neck', worst: 9 }
		});
		expect(order([])[0]?.finding).toBe('on-walkway');
		expect(order([]).every(({ isMovedUp, tiedTo }) => !isMovedUp && tiedTo.length === 0)).toBe(true);
	});

	it('moves what is tied to a complaint to the front of its station, and tells why', () => {
		const back = (reports: readonly RegionReport[]) =>
			order(reports).filter(({ station }) => station === 'back');
		const first = (reports: readonly RegionReport[]) => back(reports).map(({ finding }) => finding);
		expect(first([])).toEqual(['no-low-back-support', 'shoulders-raised', 'leans-to-one-side']);
		expect(first([sore('shoulder', 6)])).toEqual([
			'shoulders-raised',
			'leans-to-one-side',
			'no-low-back-support'
		]);
		expect(back([sore('shoulder', 6)])[0]).toMatchObject({
			isMovedUp: true,
			tiedTo: ['shoulder'],
			seenIn: ['shoulders']
		});
		// Both sore: the sorest decides, and the order told is by soreness.
		expect(first([sore('low-back', 8), sore('shoulder', 3)])[0]).toBe('no-low-back-support');
		expect(back([sore('shoulder', 0)]).every(({ tiedTo }) => tiedTo.length === 0)).toBe(true);
	});

	it('says a finding once, with the answer and the number that tell it', () => {
		const hanging = orderFindings(
			SHIPPED_RULES.checklist,
			mirela,
			{ ...answers, 'whole-foot': 'hanging' },
			[]
		);
		const all = hanging.map(({ finding }) => finding);
		expect(new Set(all).size).toBe(all.length);
		expect(hanging.find(({ finding }) => finding === 'seat-too-high')?.measured?.offMm).toBe(19);
	});
});
