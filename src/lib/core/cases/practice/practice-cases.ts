import { addDays, type CivilDate } from '../../platform/calendar/civil-date';
import type { WorkCalendar } from '../../platform/calendar/working-days';
import { assessCase } from '../case-assessment/assess-case';
import type { AssessmentResult } from '../case-assessment/assessment-result';
import type { CaseRecord } from '../case-assessment/case-record';
import { cornerFromAnswers } from '../../questionnaire/answers/corner-from-answers';
import type { FindingId } from '../../questionnaire/checklist/findings';
import type { Corner } from '../../workstation/corner/corner';
import {
	CLINICIAN_RED_FLAGS,
	EMERGENCY_RED_FLAGS,
	isDistressFlag,
	URGENT_RED_FLAGS,
	type RedFlag
} from '../discomfort/red-flags';
import type { RegionReport } from '../discomfort/report';
import type { Rules } from '../../platform/rules/shipped-rules';
import { Dice } from '../../platform/seeded-dice';

/** Made-up cases in one round of practice. Our assumption: as many as a busy morning brings. */
export const PRACTICE_SIZE = 12;

/** First names of people who don't exist. */
const NAMES = [
	'Alder',
	'Briony',
	'Corin',
	'Delphine',
	'Esker',
	'Farrow',
	'Gwenna',
	'Hollis',
	'Ismay',
	'Joss',
	'Kestrel',
	'Linden',
	'Merle',
	'Nessa',
	'Orrin',
	'Petra'
] as const;

/** A made-up person whose case is practised on. */
export interface PracticeCase {
	/** Its place in the round as it was drawn, from 0. */
	readonly id: number;
	readonly name: string;
	readonly record: CaseRecord;
	/** What the rules say about it: hidden until it is answered. */
	readonly result: AssessmentResult;
}

/** A laptop alone at a dining table, a low desk with a monitor, a kitchen counter's stool: workstations that practice cases sit at, cm. */
const WORKSTATIONS: readonly Readonly<Record<string, string>>[] = [
	{
		surfaceHeight: '76',
		seatHeight: '46',
		seatDepth: '42',
		screenKind: 'laptop',
		keysKind: 'built-in',
		topAboveBase: '21.5',
		visibleHeight: '19',
		distance: '52',
		baseLong: '32',
		baseShort: '22'
	},
	{
		surfaceHeight: '72',
		seatHeight: '48',
		seatDepth: '44',
		screenKind: 'monitor',
		topAboveBase: '46',
		visibleHeight: '30',
		distance: '66',
		baseLong: '24',
		baseShort: '20'
	},
	{
		surfaceHeight: '74.5',
		seatHeight: '43',
		seatDepth: '40',
		screenKind: 'laptop',
		keysKind: 'separate',
		topAboveBase: '21',
		visibleHeight: '19',
		distance: '55',
		baseLong: '33',
		baseShort: '23'
	}
];

function cornerOf(dice: Dice): Corner | null {
	const { corner } = cornerFromAnswers(
		{
			unit: 'cm',
			stature: String(dice.int(154, 192)),
			heel: '1.5',
			hand: 'right',
			lenses: dice.chance(0.2) ? 'progressive' : 'none',
			posture: 'sitting',
			by: 'tape',
			surfaceThickness: '2.8',
			surfaceDepth: '75',
			seatGive: '1',
			homeRow: '1.8',
			keysLong: '43',
			keysShort: '12.8',
			...dice.pick(WORKSTATIONS)
		},
		'upright'
	);
	return corner;
}

/** A report on one region. */
function sore(region: RegionReport['region'], worst: number, over: Partial<RegionReport> = {}): RegionReport {
	const sided = region === 'shoulder' || region === 'wrist-hand';
	return {
		region,
		side: sided ? 'right' : null,
		worst,
		days: worst === 0 ? 0 : 3,
		hinders: worst >= 4 ? 'a-little' : 'no',
		kinds: ['ache'],
		...over
	};
}

/** What is particular about a case. */
interface Story {
	readonly signs?: readonly RedFlag[];
	readonly discomfort?: readonly RegionReport[];
	readonly findings?: readonly FindingId[];
	readonly waiting?: CaseRecord['waiting'][number]['what'];
	/** A check-in two weeks later with these reports, after the plan was carried out. */
	readonly later?: readonly RegionReport[];
	/** An emergency sign that the person lifted themselves. */
	readonly isLifted?: boolean;
	/** Whether a coordinator has dealt with the answers. */
	readonly isSeen?: boolean;
}

const notDistress = EMERGENCY_RED_FLAGS.filter((sign) => !isDistressFlag(sign));

/**
 * The stories of a round: one for each thing that a coordinator has to tell apart, with those that look alike and are not. Levels are not
 * written here: the rules find them.
 */
const STORIES: readonly ((dice: Dice) => Story)[] = [
	(dice) => ({ signs: [dice.pick(notDistress)], discomfort: [sore('neck', 2)] }),
	(dice) => ({ signs: [dice.pick(notDistress)], isLifted: true, discomfort: [] }),
	(dice) => ({ signs: [dice.pick(URGENT_RED_FLAGS)], discomfort: [sore('low-back', dice.int(3, 5))] }),
	(dice) => ({ discomfort: [sore('wrist-hand', dice.int(2, 4), { kinds: ['weakness'] })] }),
	(dice) => ({ signs: [dice.pick(CLINICIAN_RED_FLAGS)], discomfort: [sore('low-back', 3)] }),
	(dice) => ({
		discomfort: [
			sore('wrist-hand', dice.int(4, 6), { days: dice.int(4, 7), kinds: ['tingling-or-numbness'] })
		]
	}),
	(dice) => ({ discomfort: [sore('neck', dice.int(7, 9), { days: 5, hinders: 'much' })] }),
	(dice) => ({ discomfort: [sore('shoulder', dice.int(4, 6), { days: 4 }), sore('eyes', 2)] }),
	(dice) => ({
		discomfort: [sore('upper-back', dice.int(4, 5))],
		later: [sore('upper-back', dice.int(5, 6))]
	}),
	() => ({ findings: ['chained-strips'], discomfort: [sore('eyes', 1)] }),
	(dice) => ({ waiting: dice.pick(['message', 'stuck-step', 'equipment'] as const), discomfort: [] }),
	(dice) => ({ findings: ['glare'], discomfort: [sore('eyes', dice.int(1, 3))] }),
	(dice) => ({ discomfort: [sore('neck', dice.int(1, 3))] }),
	() => ({ discomfort: [], isSeen: true }),
	(dice) => ({
		discomfort: [sore('wrist-hand', 2, { kinds: ['tingling-or-numbness'], days: dice.int(1, 2) })]
	})
];

function recordOf(story: Story, dice: Dice, today: CivilDate): CaseRecord {
	const answered = addDays(today, -(story.later ? dice.int(18, 24) : dice.int(0, 6)));
	const signs = [...(story.signs ?? [])];
	const findings = story.findings ?? [];
	return {
		format: 'easy-corner.file/2',
		today,
		place: { country: null, region: null },
		answers: [
			{
				seq: 1,
				on: answered,
				corner: cornerOf(dice),
				signs,
				discomfort: [...(story.discomfort ?? [])],
				findings: findings.map((id) => ({ id, safety: id === 'chained-strips' })),
				acknowledged: story.isSeen ? today : null
			}
		],
		plan: null,
		ticks: [],
		measured: [],
		checkIns: story.later
			? [
					{
						seq: 2,
						on: addDays(today, -dice.int(0, 3)),
						signs: [],
						discomfort: [...story.later],
						undone: [],
						news: [],
						acknowledged: null
					}
				]
			: [],
		lifted: story.isLifted ? signs.map((of, i) => ({ seq: 3 + i, on: today, of, how: 'seen' as const })) : [],
		waiting: story.waiting ? [{ what: story.waiting, since: addDays(today, -dice.int(1, 4)) }] : [],
		outcomes: []
	};
}

/** Everything in another order. */
function shuffled<T>(of: readonly T[], dice: Dice): T[] {
	const rest = [...of];
	return of.map(() => rest.splice(dice.int(0, rest.length - 1), 1)[0]!);
}

/** A round of made-up cases, the same for the same seed, day and rules. Nothing of a real person is in them. */
export function practiceCases(
	seed: number,
	{
		today,
		rules,
		calendar
	}: { readonly today: CivilDate; readonly rules: Rules; readonly calendar: WorkCalendar }
): PracticeCase[] {
	const dice = new Dice(seed);
	const names = shuffled(NAMES, dice);
	return shuffled(STORIES, dice)
		.slice(0, PRACTICE_SIZE)
		.map((story, id) => {
			const record = recordOf(story(dice), dice, today);
			return {
				id,
				name: names[id] ?? '',
				record,
				result: assessCase(record, { rules, calendar, unclosable: [] })
			};
		});
}
