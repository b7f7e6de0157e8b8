import { describe, expect, it } from 'vitest';
import { whoSees, type WhoSees } from '$lib/core/platform/access/who-sees';
import { UNSET_ORGANISATION } from '$lib/core/platform/organisation';
import type { Retention } from '$lib/core/platform/retention';
import { LANGUAGES } from './languages';
import { privacyLines, type PrivacyFacts } from './privacy';

const NO_PERIOD: Retention = { yearsAfterLeaving: null, yearsAfterAnswer: null };

const facts: PrivacyFacts = {
	organisation: { ...UNSET_ORGANISATION, name: 'Example Works' },
	whoSees: whoSees(),
	retention: NO_PERIOD,
	leastPeople: 5
};

const textOf = (change: Partial<PrivacyFacts>, language = 'en') =>
	privacyLines({ ...facts, ...change }, language)
		.full.map(([term, words]) => `${term}: ${words}`)
		.join('\n');

describe('the information for people about their data', () => {
	it('names just the roles that the permission table lets see it', () => {
		expect(textOf({})).toContain('People with the coordinator role at Example Works see your answers.');
		expect(textOf({})).toContain('A clinician sees them only if you agree to a referral.');
		expect(textOf({})).toContain('People with the analyst role see only totals of five people or more.');
		const other: WhoSees = {
			everyAnswer: ['coordinator', 'clinician'],
			referredOnly: [],
			totalsOnly: ['reader']
		};
		expect(textOf({ whoSees: other })).toContain('People with the coordinator or clinician role');
		expect(textOf({ whoSees: other })).not.toContain('only if you agree');
		expect(textOf({ whoSees: { ...other, totalsOnly: [] } })).not.toContain('totals of');
	});

	it('says how long by the periods that are set, and never a period where none is', () => {
		expect(textOf({})).toContain('There is no end date.');
		const of = (yearsAfterAnswer: number | null, yearsAfterLeaving: number | null) =>
			textOf({ retention: { yearsAfterAnswer, yearsAfterLeaving } });
		expect(of(3, null)).toContain('We delete your data 3 years after your last answer.');
		expect(of(null, 1)).toContain('We delete your data one year after you leave Example Works.');
		expect(of(3, 1)).toContain('3 years after your last answer, or one year after you leave');
		for (const text of [of(3, null), of(null, 1), of(3, 1)]) {
			expect(text).not.toContain('no end date');
			expect(text).toContain('warning sign');
		}
	});

	it('says whether taking part is voluntary as the organisation has set it', () => {
		const duty = { ...facts.organisation, participation: 'duty', dutyLaw: 'Screen Work Act' } as const;
		expect(textOf({})).toContain('Taking part is voluntary.');
		expect(textOf({ organisation: duty })).not.toContain('voluntary');
		expect(textOf({ organisation: duty })).toContain('(Screen Work Act)');
	});

	it('promises nothing of nobody and never', () => {
		for (const language of LANGUAGES) {
			const { brief, full } = privacyLines(facts, language);
			expect(JSON.stringify(full)).not.toMatch(/undefined|\bnobody\b|\bnever\b/i);
			for (const line of brief) expect(full).toContainEqual(line);
		}
	});
});
