import { describe, expect, test } from 'vitest';
import { checklistFrom } from './checklist/own-checklist';
import { randomAnswers } from '../../../../tests/support/random-answers';
import { casesOf, IS_LONG_RUN, leastOf } from '../../../../tests/support/rotation';
import { randomWalker } from '../../../../tests/support/random-walker';
import { shortWalkOf } from '../../../../tests/support/short-walk';
import { cornerFromAnswers } from './answers/corner-from-answers';
import { answerIssues } from './answers/answer-issues';
import { QUESTIONNAIRE_PAGES } from './answers/questionnaire-pages';
import { painField } from './answers/discomfort-answers';
import type { Answers } from './answers/fields';
import type { Corner } from '../workstation/corner/corner';
import { planOptions } from '../plan/plan-options';
import { cornerCost } from '../plan/corner-cost';
import { planCorner, type Plan, setUpAfter } from '../plan/plan-corner';
import { isAnswered, questionsOf } from './question';
import { openQuestions, selectQuestions, questionnaireModeOf } from './select-questions';
import { questionnaireSeconds } from './answer-time';

const ASKING = { way: 'upright', checklist: checklistFrom(3, null) } as const;
const walkersOf = (seeds: readonly number[]) =>
	seeds
		.map((seed) => randomWalker(seed, ASKING))
		.filter((answers) => cornerFromAnswers(answers, ASKING.way).corner);
const WALKERS = walkersOf(casesOf(1500, 60));
const NECK = { region: 'neck', side: null } as const;

const idsOf = (answers: Answers, route: 'short' | 'complete' = 'short') =>
	openQuestions(answers, ASKING, route).map(({ id }) => id);

function recommended(corner: Corner): Plan {
	const { plans, before } = planCorner(corner, 1);
	const [best] = plans;
	if (!best) throw new Error('every corner has a plan');
	return planOptions(corner, best, before).rungs.at(-1)?.plan ?? best;
}

/**
 * What one check of the greatest weight costs that lies a guard of 10 mm beyond its guarded band, still within the band itself; and what makes
 * no difference between two plans.
 */
const WITHIN_GUARD = 5 * 10 ** 2 + 300;

describe('the short route', () => {
	const walks = WALKERS.map((full) => ({ full, short: shortWalkOf(full, ASKING) }));

	test('leads to a plan: nothing that is needed is left out', () => {
		for (const { short } of walks) expect(answerIssues(short.answers, ASKING.way)).toEqual([]);
	});

	test('what it skips does not matter: its plan fits the true corner as well as the plan of the complete route, for 95 of 100', () => {
		const misfits = walks.map(({ full, short }) => {
			const truth = cornerFromAnswers(full, ASKING.way).corner;
			const known = cornerFromAnswers(short.answers, ASKING.way).corner;
			if (!truth || !known) throw new Error('both routes make a corner');
			const after = (plan: Plan, corner: Corner) => cornerCost(truth, setUpAfter(corner, plan));
			return {
				nothing: cornerCost(truth),
				complete: after(recommended(truth), truth),
				short: after(recommended(known), known)
			};
		});
		const count = (holds: (of: (typeof misfits)[number]) => boolean) => misfits.filter(holds).length;
		expect(misfits.length).toBeGreaterThan(50);
		const least = leastOf(0.95, misfits.length);
		expect(count((m) => m.short <= 1.1 * m.complete + WITHIN_GUARD)).toBeGreaterThanOrEqual(least);
		expect(
			count((m) => m.short <= m.complete + Math.max(0.1 * m.nothing, WITHIN_GUARD))
		).toBeGreaterThanOrEqual(least);
		// The tape matters: by what was shown first the same would not hold.
		const always = walkersOf(Array.from({ length: 40 }, (_, seed) => seed));
		const untaped = always
			.map((full) => ({ full, short: shortWalkOf(full, ASKING) }))
			.filter(({ full, short }) => {
				const {
					sittingElbow: _e,
					standingElbow: _s,
					popliteal: _p,
					...rest
				} = short.answers as Record<string, string>;
				const truth = cornerFromAnswers(full, ASKING.way).corner;
				const known = cornerFromAnswers(rest, ASKING.way).corner;
				if (!truth || !known) return false;
				const complete = cornerCost(truth, setUpAfter(truth, recommended(truth)));
				return cornerCost(truth, setUpAfter(known, recommended(known))) <= 1.1 * complete + WITHIN_GUARD;
			});
		expect(untaped.length / always.length).toBeLessThan(0.95);
	});

	test('takes eight minutes or less for most and eleven at most, with at most eight lengths typed', () => {
		const seconds = walks.map(({ short }) => short.seconds).sort((a, b) => a - b);
		// Half of all people; a day's share has a few more or fewer of them.
		expect(seconds.filter((s) => s <= 8 * 60).length).toBeGreaterThanOrEqual(leastOf(0.5, seconds.length));
		if (IS_LONG_RUN) expect(seconds[Math.floor(seconds.length / 2)]).toBeLessThanOrEqual(8 * 60);
		expect(seconds.at(-1)).toBeLessThanOrEqual(11 * 60);
		expect(Math.max(...walks.map(({ short }) => short.lengths))).toBeLessThanOrEqual(8);
	});

	test('safety and signs are asked of everybody', () => {
		for (const { short } of walks) {
			const asked = short.questions.map(({ id }) => id);
			for (const id of [
				'signs.emergency',
				'signs.urgent',
				'signs.professional',
				'signs.distress',
				'check.walkway',
				'check.cables',
				'check.strips',
				'check.stacks'
			])
				expect(asked).toContain(id);
		}
	});

	test('asks in the order of the walk, and never the same twice', () => {
		const back = walks.map(({ short }) => {
			const pages = short.questions.map(({ page }) => QUESTIONNAIRE_PAGES.indexOf(page));
			expect(new Set(short.questions.map(({ id }) => id)).size).toBe(short.questions.length);
			// A question that an answer opened later comes after: few do.
			return pages.filter((page, i) => i > 0 && page < (pages[i - 1] ?? 0)).length;
		});
		expect(back.filter((n) => n <= 4).length).toBeGreaterThanOrEqual(leastOf(0.99, back.length));
		expect(Math.max(...back)).toBeLessThanOrEqual(5);
	});
});

describe('what is worth asking', () => {
	const start: Answers = { unit: 'cm', stature: '168' };

	test('a length is asked for where a verdict hangs on it, and not where it is plain', () => {
		const keysAt = (surfaceHeight: string) => ({
			...start,
			posture: 'sitting',
			seatHeight: '46',
			seatGive: '0',
			heel: '1',
			surfaceHeight
		});
		const worth = (answers: Answers, id: string) =>
			selectQuestions(answers, ASKING).find(({ question }) => question.id === id)?.worth;
		expect(worth(keysAt('70'), 'sittingElbow')).toBeGreaterThan(0.1);
		// Far more room than any thigh needs: nobody has to measure it.
		expect(worth(keysAt('95'), 'thigh')).toBe(0);
		expect(worth(keysAt('66'), 'thigh')).toBeGreaterThan(0);
	});

	test('the thigh is measured where the room kept above an unknown one would leave the keyboard too high', () => {
		const at = (surfaceHeight: string, more: Answers = {}) => {
			const answers = {
				...start,
				posture: 'sitting',
				seatHeight: '46',
				seatGive: '0',
				heel: '1',
				surfaceHeight,
				surfaceThickness: '3',
				...more
			};
			const found = selectQuestions(answers, ASKING).find(({ question }) => question.id === 'thigh');
			return { worth: found?.worth ?? 0, changes: found?.changes ?? [] };
		};
		// A table far too high: the seat goes up until the thighs are under it.
		const high = at('76');
		expect(high.changes).toContain('step');
		expect(high.worth).toBeGreaterThan(0.25);
		// Counted by hand it is known no better than estimated: nothing is won by it.
		expect(at('76', { by: 'guess' }).worth).toBeLessThan(high.worth);
	});

	test('what hurts decides what is looked for', () => {
		const before = idsOf({ ...start, hurts: 'no' });
		const sore = { ...start, [painField(NECK, 'worst')]: '7', [painField(NECK, 'days')]: '5' };
		expect(before).not.toContain('check.reflections');
		expect(idsOf(sore)).toContain('check.reflections');
	});

	test('the end of a range is asked for where the furniture would have to be set there', () => {
		const chair = (stature: string) => ({
			...start,
			stature,
			seatHeight: '46',
			seatMoves: 'yes',
			surfaceHeight: '74'
		});
		expect(idsOf(chair('150'))).toContain('seatLow');
		expect(idsOf(chair('150'))).not.toContain('screenLow');
		expect(idsOf({ ...chair('150'), seatMoves: 'no' })).not.toContain('seatLow');
	});

	test('every change that is claimed comes with a worth, and the other way round', () => {
		for (const seed of casesOf(2000, 40))
			for (const { worth, changes, seconds } of selectQuestions(randomAnswers(seed), ASKING)) {
				expect(worth > 0).toBe(changes.length > 0);
				expect(worth).toBeLessThanOrEqual(1);
				expect(seconds).toBeGreaterThan(0);
			}
	});

	test('an answer is an answer only where the person gave it', () => {
		const open = questionsOf(start, ASKING).filter((question) => !isAnswered(question, start));
		expect(open.map(({ id }) => id)).toContain('hand');
		expect(open.map(({ id }) => id)).not.toContain('stature');
	});
});

test('the complete route asks everything; a person may choose it over the round', () => {
	expect(idsOf({ unit: 'cm' }, 'complete').length).toBeGreaterThan(70);
	expect(questionnaireModeOf({}, 'short')).toBe('short');
	expect(questionnaireModeOf({ route: 'complete' }, 'short')).toBe('complete');
});

test('minutes: words at 200 a minute, a tap 1.5 s, a length 25 s', () => {
	expect(questionnaireSeconds({ words: 200, taps: 0, lengths: 0 })).toBe(60);
	expect(questionnaireSeconds({ words: 0, taps: 10, lengths: 2 })).toBe(65);
});
