import { describe, expect, it } from 'vitest';
import { randomAnswers } from '../../../../../tests/support/random-answers';
import { checkCorner } from '../../workstation/checks/check-corner';
import type { SittingStyle } from '../../workstation/corner/vocabulary';
import { validateCorner } from '../../workstation/corner/validate-corner';
import { cornerFromAnswers } from './corner-from-answers';
import { discomfortFromAnswers } from './discomfort-answers';
import { answerIssues, pageIssues } from './answer-issues';
import { pageOfField } from './page-of-field';
import { QUESTIONNAIRE_PAGES } from './questionnaire-pages';
import { partialChecks } from './partial-checks';

const WAYS: readonly SittingStyle[] = ['upright', 'open', 'forearms-down', 'active'];
/** Answers as they lie in a draft that someone left half way, and as nobody would type them. */
const drafts = Array.from({ length: 300 }, (_, seed) => ({
	answers: randomAnswers(seed),
	way: WAYS[seed % WAYS.length] ?? 'upright'
}));

describe('any answers that the server takes', () => {
	it('are a valid corner or a list of what is open, never a failure', () => {
		let corners = 0;
		for (const { answers, way } of drafts) {
			const { corner, issues } = cornerFromAnswers(answers, way);
			expect(corner === null).toBe(issues.length > 0);
			if (!corner) continue;
			expect(validateCorner(corner)).toMatchObject({ ok: true });
			corners += 1;
		}
		expect(corners).toBeGreaterThan(20);
	});

	it('have each fault on one page, where its field is', () => {
		for (const { answers, way } of drafts) {
			const all = answerIssues(answers, way);
			const byPage = QUESTIONNAIRE_PAGES.flatMap((page) => pageIssues(page, answers, way));
			expect(byPage.map(({ field }) => field).sort()).toEqual(all.map(({ field }) => field).sort());
			for (const { field } of all) expect(QUESTIONNAIRE_PAGES).toContain(pageOfField(field));
		}
	});

	it('tell checks early that are the same once all is answered', () => {
		let told = 0;
		for (const { answers, way } of drafts) {
			const partial = partialChecks(answers, way);
			const { corner } = cornerFromAnswers(answers, way);
			if (!partial || !corner) continue;
			const whole = checkCorner(corner);
			for (const { id, value } of partial.checks) {
				expect(value).toBe(whole.find((check) => check.id === id)?.value);
				told += 1;
			}
		}
		expect(told).toBeGreaterThan(60);
	});

	it('report discomfort only with a score, and ask for the days of it', () => {
		for (const { answers } of drafts) {
			const { reports, issues } = discomfortFromAnswers(answers);
			for (const { worst } of reports) expect(worst).toBeGreaterThan(0);
			for (const { field } of issues) expect(pageOfField(field)).toBe('discomfort');
		}
	});
});

describe('what can’t be measured', () => {
	it('is furniture: one’s own stature stays asked for, whatever a draft holds', () => {
		const { issues } = cornerFromAnswers({ 'cant.stature': 'yes' }, 'upright');
		expect(issues).toContainEqual(expect.objectContaining({ field: 'stature', code: 'missing' }));
		expect(partialChecks({ 'cant.stature': 'yes' }, 'upright')).toBeNull();
	});
});
