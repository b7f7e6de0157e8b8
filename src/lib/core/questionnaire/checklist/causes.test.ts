import { describe, expect, it } from 'vitest';
import { hasSides, REGIONS, type Region } from '../../cases/discomfort/regions';
import type { DiscomfortKind, RegionReport } from '../../cases/discomfort/report';
import { askedItems, checklistOf, CHECKLIST_VERSIONS } from './checklist';
import { CAUSES, likelyCauses, questionsToAsk } from './causes';
import { FINDING_IDS } from './findings';

const LEGS: readonly Region[] = ['hip-thigh', 'knee', 'ankle-foot'];

const sore = (
	region: Region,
	side: RegionReport['side'],
	worst = 4,
	kinds: DiscomfortKind[] = ['ache']
): RegionReport => ({ region, side, worst, days: 3, hinders: 'no', kinds });

const causesOf = (reports: readonly RegionReport[], hand: 'right' | 'left' = 'right') =>
	likelyCauses(reports, hand).map(({ cause }) => cause);

describe('likely causes', () => {
	it('follow the side: the arm that points, or the other', () => {
		expect(causesOf([sore('shoulder', 'right')])).toEqual(['pointing-arm']);
		expect(causesOf([sore('shoulder', 'left')])).toEqual(['other-arm']);
		expect(causesOf([sore('shoulder', 'left')], 'left')).toEqual(['pointing-arm']);
	});

	it('follow the kind: tingling looks at wrists and edges, or at the seat', () => {
		expect(causesOf([sore('wrist-hand', 'left', 4, ['tingling-or-numbness'])])[0]).toBe('hand-tingles');
		expect(causesOf([sore('wrist-hand', 'left')])).not.toContain('hand-tingles');
		expect(causesOf([sore('knee', 'left', 4, ['tingling-or-numbness'])])).toEqual(['leg-tingles']);
	});

	it('blame no single arm where both ache: keyboard, edge and armrests come before anything general', () => {
		for (const both of [[sore('elbow', 'both')], [sore('elbow', 'left'), sore('elbow', 'right')]])
			expect(causesOf(both)).toEqual(['both-arms']);
		const findings: readonly string[] = CAUSES['both-arms'].findings;
		for (const finding of ['keys-too-high', 'hard-edge', 'armrest-too-high'])
			expect(findings).toContain(finding);
	});

	it('follow the place within a region: the thumb, the outer side of the elbow', () => {
		const thumb = { ...sore('wrist-hand', 'left'), parts: ['thumb' as const] };
		expect(causesOf([thumb])).toEqual(['thumb', 'other-arm']);
		const elbow = { ...sore('elbow', 'right'), parts: ['outer-side' as const] };
		expect(causesOf([elbow])).toEqual(['outer-elbow', 'pointing-arm']);
		expect(causesOf([sore('elbow', 'right')])).toEqual(['pointing-arm']);
	});

	it('have one for every region of the body', () => {
		for (const region of REGIONS)
			if (!LEGS.includes(region))
				expect(causesOf([sore(region, hasSides(region) ? 'right' : null)]), region).not.toEqual([]);
		expect(causesOf([sore('eyes', null)])[0]).toBe('eyes');
		expect(causesOf([sore('head', null)])[0]).toBe('eyes');
		expect(causesOf([sore('upper-back', null)])).toEqual(['upper-back']);
	});

	it('are moving where much hurts', () => {
		const much = [
			sore('neck', null),
			sore('upper-back', null),
			sore('knee', 'left'),
			sore('hip-thigh', 'left')
		];
		expect(causesOf(much)).toContain('everywhere');
	});

	it('stand by soreness, and leave out what does not hurt', () => {
		expect(causesOf([sore('low-back', null, 2), sore('neck', null, 6)])).toEqual(['neck', 'low-back']);
		expect(causesOf([sore('low-back', null, 0)])).toEqual([]);
	});

	it('name only findings and questions that there are', () => {
		const ids = CHECKLIST_VERSIONS.flatMap(({ items }) => items).map(({ id }) => id as string);
		for (const { findings, asks } of Object.values(CAUSES)) {
			for (const finding of findings) expect(FINDING_IDS).toContain(finding);
			for (const id of asks) expect(ids).toContain(id);
		}
	});
});

describe('questions to ask', () => {
	const asked = (checklistOf(3)?.items ?? []).filter(({ when }) => when.length === 0);

	it('are those that tell of a likely cause, were asked and not answered; the sorest cause first', () => {
		const causes = likelyCauses(
			[sore('wrist-hand', 'right', 6, ['tingling-or-numbness']), sore('neck', null)],
			'right'
		);
		const open = questionsToAsk(causes, asked, (id) => id === 'edge');
		expect(open[0]).toBe('wrist');
		expect(open).not.toContain('edge');
		expect(open).toContain('reflections');
		expect(new Set(open).size).toBe(open.length);
		expect(questionsToAsk(causes, [], () => false)).toEqual([]);
	});

	it('are never such as this person is not asked', () => {
		const facts = {
			posture: 'sitting',
			seat: 'wheelchair',
			way: 'upright',
			back: 'any',
			lenses: 'none',
			hand: 'right',
			wrists: 'well',
			arms: 'both',
			screen: 'monitor',
			keys: 'separate',
			mouse: 'touchpad',
			armrest: 'no',
			backrest: 'no',
			castors: 'no'
		} as const;
		const items = askedItems(checklistOf(3) ?? { version: 3, items: [] }, facts, {});
		const causes = likelyCauses([sore('shoulder', 'right'), sore('low-back', null)], 'right');
		const open = questionsToAsk(causes, items, () => false);
		for (const id of ['mouse-place', 'armrest-place', 'all-the-way-back', 'whole-foot'])
			expect(open).not.toContain(id);
	});
});
