import { SHIPPED_SETTINGS } from '$lib/core/cases/triage/policy-settings';
import { describe, expect, it } from 'vitest';
import type { CivilDate } from '$lib/core/platform/calendar/civil-date';
import { CLINICIAN_RED_FLAGS } from '$lib/core/cases/discomfort/red-flags';
import { REASON_LEVELS } from '$lib/core/cases/case-assessment/vocabulary';
import { messagesFor } from '$lib/messages';
import { loadDeskLanguage } from '$lib/messages/desk';
import { ENGLISH_READER, findDeskReaderBy } from '$lib/messages/desk-language';
import {
	isAlike,
	mayBeSettled,
	daySheetGroupsOf,
	nextActOf,
	rowReasons,
	dueWords,
	type DaySheetRow
} from './sheet-words';

const TODAY = '2026-03-04';
const t = messagesFor();

const NOTHING = {
	reasons: [],
	evidence: {},
	unclosable: [],
	first: [],
	worsts: [],
	off: [],
	plan: null
};

const line = (over: Partial<DaySheetRow> = {}): DaySheetRow => ({
	personId: 'a',
	name: 'Odo Fennick',
	team: 'Law',
	level: 'home',
	assessmentResult: {
		...NOTHING,
		reasons: [{ code: 'open-plan', level: 'home', on: '2026-03-01' as CivilDate }]
	},
	openSince: '2026-03-01',
	actBy: '2026-03-20',
	worst: 0,
	followUpOn: null,
	followUpReason: null,
	followUpVersion: null,
	referredOn: null,
	referral: null,
	clinicianSaid: null,
	hasBounced: false,
	ownerId: null,
	ownerName: null,
	laterOn: null,
	laterReason: '',
	laterFor: [],
	version: 1,
	message: null,
	lastAct: null,
	...over
});
const reasons = (over: Partial<DaySheetRow>) => rowReasons(line(over), TODAY, t, 'cm');
const said = (over: Partial<DaySheetRow>) => reasons(over).others.join(' · ');

describe('lines that are ticked together', () => {
	const reason = (over: object) =>
		({ code: 'hazard', level: 'soon', on: '2026-03-01' as CivilDate, ...over }) as const;
	const withReasons = (...reasons: NonNullable<DaySheetRow['assessmentResult']>['reasons']) =>
		line({ level: 'soon', assessmentResult: { ...NOTHING, reasons } });
	const alike = (a: DaySheetRow, b: DaySheetRow) => isAlike(a, b, TODAY) && isAlike(b, a, TODAY);

	it('are there for the same problem or warning sign, since different days or not', () => {
		const strips = withReasons(reason({ finding: 'chained-strips' }));
		expect(alike(strips, withReasons(reason({ finding: 'chained-strips', on: '2026-02-20' })))).toBe(true);
		expect(alike(strips, withReasons(reason({ finding: 'cables-at-feet' })))).toBe(false);
		expect(alike(strips, line())).toBe(false);
		expect(alike(strips, { ...strips, level: 'help' })).toBe(false);
	});

	it('have the same follow-up where one is due, and none has mail that the others have not', () => {
		const due = (over: Partial<DaySheetRow>) => line({ openSince: null, followUpOn: TODAY, ...over });
		const holds = due({ followUpReason: 'Does it hold?' });
		expect(alike(holds, due({ followUpReason: 'Does it hold?', followUpOn: '2026-02-20' }))).toBe(true);
		expect(alike(holds, due({ followUpReason: 'Has the screen arrived?' }))).toBe(false);
		expect(alike(line(), line({ followUpOn: TODAY, followUpReason: 'Has it arrived?' }))).toBe(false);
		expect(alike(line(), line({ followUpOn: '2026-09-01', followUpReason: 'In half a year' }))).toBe(true);
		expect(alike(line(), line({ message: 'Which end is zero?' }))).toBe(false);
	});
});

describe('a line of the day sheet', () => {
	it('says what the person wrote first, as they wrote it, and cuts only what is long', () => {
		expect(said({ message: 'My hand goes numb at night' })).toMatch(/^“My hand goes numb at night”/);
		expect(said({ message: 'x'.repeat(200) })).toMatch(/^“x{160}…”/);
	});

	it('shows every reason that wants an outcome, however many there are, and a few of the others', () => {
		const on = '2026-03-01' as CivilDate;
		const signs = CLINICIAN_RED_FLAGS.map(
			(sign) => ({ code: 'professional-sign', level: 'clinician', sign, on }) as const
		);
		const lesser = (['open-plan', 'findings', 'stuck', 'request', 'hazard'] as const).map(
			(code) => ({ code, level: REASON_LEVELS[code], on }) as const
		);
		const assessmentResult = { ...NOTHING, reasons: [...signs, ...lesser] };
		const shown = reasons({ level: 'clinician', assessmentResult });
		expect(shown.grave).toHaveLength(CLINICIAN_RED_FLAGS.length);
		expect(shown.others.length).toBeLessThan(lesser.length);
	});

	it('says until when it is postponed and that a follow-up is due, in the reader’s language', async () => {
		await loadDeskLanguage('de');
		const postponed = {
			assessmentResult: null,
			laterOn: '2026-09-01',
			laterReason: 'on leave',
			followUpOn: TODAY
		};
		expect(reasons(postponed).others).toEqual(['until 1 Sept: on leave', 'Follow-up']);
		findDeskReaderBy(() => ({ ...ENGLISH_READER, language: 'de' }));
		try {
			expect(reasons(postponed).others).toEqual(['bis 1. Sept.: on leave', 'Wiedervorlage']);
		} finally {
			findDeskReaderBy(() => ENGLISH_READER);
		}
	});

	it('says what a clinician wrote with their name, and offers to read it before anything else', () => {
		const written = {
			referredOn: '2026-03-02',
			referral: { name: 'Dr Marl', answerBy: '2026-03-06' },
			clinicianSaid: 'Since when?'
		};
		expect(said(written)).toMatch(/^Dr Marl: “Since when\?”/);
		expect(nextActOf(line(written))).toBe('read');
		expect(mayBeSettled(line(written))).toBe(false);
		const [group] = daySheetGroupsOf([line({ ...written, level: 'clinician' })], TODAY, SHIPPED_SETTINGS);
		expect(group?.id).toBe('clinician');
	});

	it('says since when a clinician was asked and by when an answer is wanted, late where that is past', () => {
		const asked = (answerBy: string | null) =>
			dueWords(line({ referredOn: '2026-03-02', referral: { name: 'Dr Marl', answerBy } }), TODAY);
		expect(asked('2026-03-06')).toEqual({ words: '2 days, answer by 6 Mar', isLate: false });
		expect(asked('2026-03-03').isLate).toBe(true);
		expect(asked(null)).toEqual({ words: 'asked 2 days ago', isLate: false });
		const [group] = daySheetGroupsOf(
			[line({ referredOn: '2026-03-02', referral: { name: 'Dr Marl', answerBy: null } })],
			TODAY,
			SHIPPED_SETTINGS
		);
		expect(group?.id).toBe('referred');
	});

	it('is late where a follow-up or the day of the policy is past', () => {
		expect(dueWords(line({ openSince: null, followUpOn: '2026-03-01' }), TODAY)).toEqual({
			words: 'due 3 days ago',
			isLate: true
		});
		expect(dueWords(line({ actBy: '2026-03-03' }), TODAY)).toEqual({
			words: 'late since 3 Mar',
			isLate: true
		});
		expect(nextActOf(line({ openSince: null, followUpOn: TODAY }))).toBe('done');
	});

	it('offers what fits: an outcome for what is grave, an answer to a message, to settle the rest', () => {
		expect(nextActOf(line({ level: 'clinician' }))).toBe('outcome');
		expect(nextActOf(line({ message: 'Hello' }))).toBe('write');
		expect(nextActOf(line())).toBe('settle');
	});
});
