import { describe, expect, it } from 'vitest';
import { DEMO_PEOPLE } from '../../../../../seed/people';
import { validateCorner } from '../../workstation/corner/validate-corner';
import { placementModes } from '../../workstation/household/placement-modes';
import { planCorner, setUpAfter } from '../../plan/plan-corner';
import { remeasuredHeightsOf } from '../../workstation/side-view/remeasured-heights';
import { CHOICE_FIELDS, LENGTH_FIELDS, thingField, type Answers } from './fields';
import { convertUnit } from './convert-unit';
import { cornerFromAnswers } from './corner-from-answers';
import { ANSWER_FIELDS, THING_FIELD_PATTERN } from './answer-fields';
import {
	expectedPadShares,
	measuredPadShares,
	measuredRiseField,
	padShareField,
	listedThings,
	leftOutField
} from './household-things';
import { measuredPadRises } from './measured-pad-rises';
import { readLengthField } from './read-length-field';
import { checklistAnswersOf, factsOfAnswers, redFlagsOf } from './checklist-fields';
import { discomfortFromAnswers } from './discomfort-answers';
import { pageOfField } from './page-of-field';
import { QUESTIONNAIRE_PAGES } from './questionnaire-pages';
import { partialChecks } from './partial-checks';

const answered = DEMO_PEOPLE.flatMap(({ answers }) => (answers ? [answers] : []));
const mirela = answered[1] ?? {};

describe('cornerFromAnswers', () => {
	it('makes a valid corner of each demo person’s answers', () => {
		expect(answered).toHaveLength(5);
		for (const answers of answered) {
			const { corner, issues } = cornerFromAnswers(answers, 'upright');
			expect(issues).toEqual([]);
			expect(validateCorner(corner).ok).toBe(true);
		}
	});

	it('reads the lengths in the unit that was chosen', () => {
		const ruta = answered[3] ?? {};
		expect(cornerFromAnswers(ruta, 'upright').corner?.person.stature).toBe(1676);
		expect(cornerFromAnswers(ruta, 'upright').corner?.spot.surface.height).toBe(740);
	});

	it('tells each thing that is missing, by its field, and makes nothing of the rest', () => {
		const { corner, issues } = cornerFromAnswers({}, 'upright');
		expect(corner).toBeNull();
		expect(issues.map((issue) => [issue.field, issue.code])).toContainEqual(['stature', 'missing']);
		expect(issues.map((issue) => issue.field)).toContain('seatHeight');
		// What has a usual value that is shown in the field is taken as shown.
		expect(issues.map((issue) => issue.field)).not.toContain('heel');
	});

	it('asks whether 7.4 cm was meant to be 74', () => {
		const { issues } = cornerFromAnswers({ ...mirela, surfaceHeight: '7.4' }, 'upright');
		expect(issues).toEqual([
			{ field: 'surfaceHeight', code: 'too-small', readMm: 74, bounds: [300, 1500], meantMm: 740 }
		]);
	});

	it('leaves an unmeasured body length to the estimate, but not an unreadable one', () => {
		const empty = cornerFromAnswers({ ...mirela, sittingElbow: '' }, 'upright');
		expect(empty.corner?.body).not.toHaveProperty('sittingElbow');
		const unreadable = cornerFromAnswers({ ...mirela, sittingElbow: 'so high' }, 'upright');
		expect(unreadable.issues[0]).toMatchObject({ field: 'sittingElbow', code: 'not-a-length' });
	});

	it('asks for no chair where one stands', () => {
		const { corner } = cornerFromAnswers(answered[4] ?? {}, 'upright');
		expect(corner?.spot.seat).toBeNull();
	});

	it('refuses a range upside down and a count that is no number', () => {
		const upsideDown = { ...mirela, seatMoves: 'yes', seatLow: '55', seatHigh: '45' };
		expect(cornerFromAnswers(upsideDown, 'upright').issues).toMatchObject([
			{ field: 'seatHigh', code: 'range-order' }
		]);
		const many = { ...mirela, [thingField(0, 'count')]: '1000' };
		expect(cornerFromAnswers(many, 'upright').issues).toMatchObject([
			{ field: 'thing.0.count', code: 'not-a-count' }
		]);
		const none = { ...mirela, [thingField(0, 'count')]: '0' };
		expect(cornerFromAnswers(none, 'upright').corner?.household.some((item) => item.id === 't0')).toBe(false);
	});
});

describe('convertUnit', () => {
	it('keeps every millimetre there and back', () => {
		for (const answers of answered) {
			const from = answers.unit as 'cm' | 'in';
			const there = convertUnit(answers, from, from === 'cm' ? 'in' : 'cm');
			expect(cornerFromAnswers(there, 'upright').corner).toEqual(
				cornerFromAnswers(answers, 'upright').corner
			);
			const back = convertUnit(there, from === 'cm' ? 'in' : 'cm', from);
			expect(cornerFromAnswers(back, 'upright').corner).toEqual(cornerFromAnswers(answers, 'upright').corner);
		}
	});

	it('leaves what can’t be read as it was typed', () => {
		expect(convertUnit({ stature: 'tall', hand: 'left' }, 'cm', 'in')).toEqual({
			stature: 'tall',
			hand: 'left',
			unit: 'in'
		});
	});
});

describe('partialChecks', () => {
	it('tells nothing without a stature, and each check as soon as its lengths are there', () => {
		const told = (answers: Record<string, string>) =>
			partialChecks(answers, 'upright')?.checks.map((c) => c.id) ?? null;
		expect(told({})).toBeNull();
		expect(told({ stature: '164' })).toEqual([]);
		expect(told({ stature: '164', seatHeight: '45' })).toEqual(['knee']);
		expect(told({ stature: '164', seatHeight: '45', surfaceHeight: '75' })).toEqual([
			'knee',
			'elbow',
			'thigh'
		]);
		expect(told({ stature: '164', seatHeight: '45', surfaceHeight: 'x' })).toEqual(['knee']);
		expect(told({ stature: '164', posture: 'standing', surfaceHeight: '95' })).toEqual(['elbow']);
	});

	it('agrees with the whole once all is answered', () => {
		for (const answers of answered) {
			const whole = cornerFromAnswers(answers, 'upright').corner;
			expect(partialChecks(answers, 'upright')?.corner.spot).toEqual(whole?.spot);
		}
	});
});

describe('fields', () => {
	it('are known by name, nothing else is', () => {
		const things = new RegExp(THING_FIELD_PATTERN);
		for (const name of [...Object.keys(LENGTH_FIELDS), ...Object.keys(CHOICE_FIELDS)])
			expect(ANSWER_FIELDS.has(name)).toBe(true);
		for (const name of [
			'check.place',
			'sign.chest-pain',
			'pain.shoulder-left.worst',
			'pain.neck.kind.ache',
			'cant.seatHeight'
		])
			expect(ANSWER_FIELDS.get(name)).toBeTruthy();
		expect(things.test('thing.39.c')).toBe(true);
		for (const name of [
			'',
			'x',
			'stature2',
			'thing.40.a',
			'thing.1.weight',
			'__proto__',
			'thing.1.a ',
			'pain.neck-left.worst'
		])
			expect(ANSWER_FIELDS.has(name) || things.test(name)).toBe(false);
	});

	it('stand on a page each, and every page but the person’s has some', () => {
		const pages = new Set([...ANSWER_FIELDS.keys(), 'thing.0.a'].map(pageOfField));
		expect(QUESTIONNAIRE_PAGES.filter((page) => !pages.has(page))).toEqual([]);
		expect(pageOfField('check.phone')).toBe('light');
		expect(pageOfField('check.get-up')).toBe('second');
		expect(pageOfField('cant.seatHeight')).toBe('feet');
	});

	it('find the slip of a point or of a unit', () => {
		const meant = (text: string, unit: 'cm' | 'mm' | 'in' = 'cm') => {
			const read = readLengthField('x', text, unit, { bounds: [600, 1150], usual: [600, 1150] });
			return read.ok ? 'as typed' : read.issue.meantMm;
		};
		expect(meant('7.4')).toBe(740);
		expect(meant('740')).toBe(740);
		expect(meant('29', 'mm')).toBe(737);
		expect(meant('.5')).toBeUndefined();
		// Metres, as people give their height; to the centimetre.
		expect(meant('0,75')).toBe(750);
		const stature = { bounds: [1200, 2300], usual: [1400, 2100] } as const;
		for (const typed of ['1,71', '1.71'])
			for (const unit of ['cm', 'mm', 'in'] as const)
				expect(readLengthField('stature', typed, unit, stature)).toMatchObject({ issue: { meantMm: 1710 } });
	});
});

describe('what the walk asks besides lengths', () => {
	it('is read into checklist, signs and discomfort', () => {
		expect(checklistAnswersOf({ 'check.place': 'table', 'check.socket': '', 'check.gone': 'x' })).toEqual({
			place: 'table'
		});
		expect(
			redFlagsOf({ 'sign.after-injury': 'yes', 'sign.chest-pain': 'yes', 'sign.wakes-at-night': 'no' })
		).toEqual(['chest-pain', 'after-injury']);
		expect(factsOfAnswers({ screenKind: 'monitor', keysKind: 'built-in' }, 'upright').keys).toBe('separate');
	});

	it('asks for the days of what hurts, and leaves out what does not', () => {
		const told = discomfortFromAnswers({
			'pain.neck.worst': '6',
			'pain.neck.days': '4',
			'pain.neck.hinders': 'much',
			'pain.neck.kind.ache': 'yes',
			'pain.neck.kind.pain': 'no',
			'pain.knee-left.worst': '0',
			'pain.knee-left.days': '3',
			'pain.shoulder-right.worst': '2'
		});
		expect(told.reports[0]).toEqual({
			region: 'neck',
			side: null,
			worst: 6,
			days: 4,
			hinders: 'much',
			kinds: ['ache']
		});
		expect(told.reports).toHaveLength(2);
		expect(told.issues).toEqual([{ field: 'pain.shoulder-right.days', code: 'missing' }]);
	});

	it('stands a usual length in for furniture that can’t be measured, and calls the spot a guess', () => {
		const { seatHeight: _seat, ...rest } = mirela as Record<string, string>;
		const { corner, issues } = cornerFromAnswers({ ...rest, 'cant.seatHeight': 'yes' }, 'upright');
		expect(issues).toEqual([]);
		expect(corner?.spot).toMatchObject({ by: 'guess', seat: { height: 450 } });
		expect(cornerFromAnswers(mirela, 'upright').corner?.spot.by).toBe('tape');
	});

	it('leaves out a piece that does not work here, one of several alike too', () => {
		const index = listedThings(mirela).find((i) => Number(mirela[thingField(i, 'count')]) > 1);
		if (index === undefined) throw new Error('Nobody has two of anything');
		const count = (answers: Record<string, string>) =>
			cornerFromAnswers(answers, 'upright').corner?.household.find((item) => item.id === `t${index}`)
				?.count ?? 0;
		const all = count(mirela);
		expect(count({ ...mirela, [leftOutField(`t${index}`)]: 'yes' })).toBe(all - 1);
		expect(
			count({ ...mirela, [leftOutField(`t${index}`)]: 'yes', [leftOutField(`t${index}#2`)]: 'yes' })
		).toBe(all - 2);
		expect(count({ ...mirela, [leftOutField(`t${index}`)]: '' })).toBe(all);
	});

	it('learns what a pillow really rises from the seat measured again, and plans with it from then on', () => {
		const { corner } = cornerFromAnswers(mirela, 'upright');
		const plan = corner && planCorner(corner, 1).plans[0];
		if (!corner || !plan) throw new Error('No plan');
		const pillow = plan.stations.seat.pieces.find(({ mode }) => mode === 'flat');
		if (!pillow) throw new Error('No pillow on the seat');
		const planned = remeasuredHeightsOf(corner, setUpAfter(corner, plan));
		// As planned is worth knowing, too: an average of surprises alone would mislead.
		expect(Object.values(measuredPadRises(corner, plan, planned))).toContain(String(pillow.rise));
		const half = (planned.seatUnder ?? 0) - Math.round(plan.stations.seat.rise / 2);
		const learned = measuredPadRises(corner, plan, { ...planned, seatUnder: half });
		const told = Number(Object.values(learned)[0]);
		expect(Math.abs(told - pillow.rise / 2)).toBeLessThanOrEqual(1);
		const again = cornerFromAnswers({ ...mirela, ...learned }, 'upright').corner;
		const item = again?.household.find(({ id }) => id === pillow.id);
		expect(item && placementModes(item)[0]?.rise).toBe(told);
		expect(again?.household.length).toBe(corner.household.length);
	});

	it('expects pads to sink as colleagues have measured it, until a person has measured their own', () => {
		const riseOf = (answers: Answers) => {
			const item = cornerFromAnswers(answers, 'upright').corner?.household.find(
				({ kind }) => kind === 'pillow'
			);
			return item && placementModes(item)[0]?.rise;
		};
		const index = listedThings(mirela).find((i) => mirela[thingField(i, 'kind')] === 'pillow') ?? -1;
		const thickness = Math.min(
			...(cornerFromAnswers(mirela, 'upright').corner?.household.find(({ kind }) => kind === 'pillow')
				?.size ?? [])
		);
		const field = padShareField('pillow');
		expect(riseOf({ ...mirela, [field]: '45' })).toBe(Math.round(thickness * 0.45));
		expect(expectedPadShares({ ...mirela, [field]: '45' })).toEqual([{ kind: 'pillow', percent: 45 }]);
		const own = { ...mirela, [field]: '45', [measuredRiseField(index)]: '20' };
		expect(riseOf(own)).toBe(20);
		expect(expectedPadShares(own)).toEqual([]);
		expect(measuredPadShares(own)).toEqual({ pillow: Math.round((100 * 20) / thickness) });
		expect(measuredPadShares(mirela)).toEqual({});
	});
});
