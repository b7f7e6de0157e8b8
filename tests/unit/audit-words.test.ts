import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { timelineGroupOfAct } from '$lib/core/cases/timeline';
import { actWords } from '$lib/messages/desk/timeline-words';
import { recordActWords } from '$lib/messages/desk/record-words';
import { deskWords } from '$lib/messages/desk';
import { deskTexts as german } from '$lib/messages/desk/de';
import { deskTexts as english } from '$lib/messages/desk/en';
import { DESK_ROUTES, listShownBy } from '$lib/server/platform/access/desk-routes';
import { AUDIT_ACTIONS } from '$lib/server/platform/audit/write-audit-line';

describe('the audit log', () => {
	it('says every act in words, and none by its code', () => {
		expect(
			AUDIT_ACTIONS.filter((act) => recordActWords(act) === act && !(act in deskWords.states.acts))
		).toEqual([]);
		expect(Object.keys(deskWords.states.acts).length).toBeGreaterThan(10);
	});

	it('is no code in the course of a case either', () => {
		const told = AUDIT_ACTIONS.filter((act) => timelineGroupOfAct(act) !== null);
		expect(told.length).toBeGreaterThan(20);
		for (const act of told)
			if (recordActWords(act) !== act) expect(actWords({ kind: 'act', act, detail: {} })).not.toBe(act);
		expect(timelineGroupOfAct('letter-delivered')).toBeNull();
		const hazard = {
			kind: 'act',
			act: 'finding-ticked',
			detail: { finding: 'chained-strips', how: 'not-here' }
		} as const;
		expect(actWords(hazard)).toBe(
			'said that a problem can’t be fixed there: power strips plugged into each other'
		);
		const lifted = { kind: 'act', act: 'signs-lifted', detail: { signs: 1, how: 'mistake' } } as const;
		expect(actWords(lifted)).toMatch(/: they tapped it by mistake$/);
	});

	it('names every detail that the server writes, in every language of the desk', () => {
		const written = readdirSync('src/lib/server', { recursive: true, encoding: 'utf8' })
			.filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
			.flatMap((name) => [
				...readFileSync(`src/lib/server/${name}`, 'utf8').matchAll(/\bdetail\s*[:=]\s*\{([^{}]*)\}/g)
			])
			.flatMap(([, inner = '']) => inner.split(',').map((part) => /^\s*(\w+)/.exec(part)?.[1] ?? ''))
			.filter((name) => name !== '');
		expect(new Set(written).size).toBeGreaterThan(20);
		for (const { keeping } of [english, german])
			expect([...new Set(written)].filter((name) => !Object.hasOwn(keeping.detailNames, name))).toEqual([]);
	});

	it('names every list that a page can show, in every language of the desk', () => {
		const lists = [...new Set(Object.keys(DESK_ROUTES).flatMap((route) => listShownBy(route) ?? []))];
		expect(lists.length).toBeGreaterThan(8);
		for (const { keeping } of [english, german]) {
			const named: Readonly<Record<string, string>> = keeping.lists;
			expect(lists.filter((list) => !Object.hasOwn(named, list))).toEqual([]);
			// A name that no page records any more would be found by nobody.
			expect(new Set(Object.values(named)).size).toBe(Object.keys(named).length);
		}
	});

	it('names every way of signing in that it records', () => {
		const ways = ['password', 'passkey', 'provider'];
		for (const { keeping } of [english, german])
			expect(Object.keys(keeping.signInWays).sort()).toEqual([...ways].sort());
	});
});
