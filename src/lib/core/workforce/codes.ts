import { FINDING_IDS } from '../checklist';
import { CHECK_IDS, type CheckId } from '../checks';
import { BODY_SIDES, DISCOMFORT_KINDS, REGIONS, SIDED_REGIONS } from '../discomfort';
import { PURCHASES } from '../plan';
import type { CodeRule } from './figures';

/** What figures can be grouped by. */
export const GROUPINGS = ['team', 'country', 'round', 'way', 'route', 'spot', 'time'] as const;

/** Stands in an address for the group of those of whom the dimension is not known: '' narrows nothing there. */
export const UNKNOWN_GROUP = '~';

/** One of {@link GROUPINGS}. */
export type Grouping = (typeof GROUPINGS)[number];

/** Codes of the screens beside regions, findings and purchases by their own names. */
export const FIGURE_CODES = {
	/** Anything hurts; the worst of it is as bad as the policy looks at soon. */
	hurts: 'hurts',
	/** Reported again after the first report: what it was then, now and both times. */
	again: 'again',
	now: 'now',
	first: 'first',
	both: 'both',
	/** Anything was found. */
	found: 'found',
	/** Was judged again after the first answers. */
	twice: 'twice',
	/** Something stays open after the plan, and something that is sold would close it. */
	open: 'open',
	closable: 'closable',
	/** Has a plan, has reported since and hurt at one of the two times: it was carried out before the newest report, or not. */
	planned: 'planned',
	done: 'done',
	/** Has answered what was sent last. */
	answered: 'answered'
} as const;

/** Of those who were asked: who answered. */
export const ANSWER_RULES: readonly CodeRule[] = [{ code: FIGURE_CODES.answered, among: '' }];

/** Who reported again after a plan, and what became of the plan. */
export const HELP_RULES: readonly CodeRule[] = [
	{ code: FIGURE_CODES.again, among: '', isPart: true },
	{ code: FIGURE_CODES.planned, among: FIGURE_CODES.again, isPart: true },
	{ code: FIGURE_CODES.done, among: FIGURE_CODES.planned }
];

const HURT_RULES: readonly CodeRule[] = [
	{ code: FIGURE_CODES.hurts, among: '' },
	...REGIONS.map((region) => ({ code: region, among: FIGURE_CODES.hurts }))
];

/** Where it hurts, and which of it of the same people now and at first. */
export const DISCOMFORT_RULES: readonly CodeRule[] = [
	...HURT_RULES,
	{ code: FIGURE_CODES.again, among: '', isPart: true },
	...([FIGURE_CODES.first, FIGURE_CODES.now] as const).flatMap((when) => [
		{ code: when, among: FIGURE_CODES.again },
		...REGIONS.map((region) => ({ code: `${when} ${region}`, among: when }))
	])
];

/** Sides and kinds, of everybody together. */
export const DISCOMFORT_DETAIL_RULES: readonly CodeRule[] = REGIONS.flatMap((region) => [
	...(SIDED_REGIONS.some((sided) => sided === region)
		? BODY_SIDES.map((side) => ({ code: `${region}/${side}`, among: region, oneOf: `${region}/` }))
		: []),
	...DISCOMFORT_KINDS.map((kind) => ({ code: `${region}:${kind}`, among: region }))
]);

/** The code of those whose check was judged at first and is judged now. */
export const gapCode = (check: CheckId) => `gap ${check}`;

const FOUND_RULES: readonly CodeRule[] = [
	{ code: FIGURE_CODES.found, among: '' },
	...FINDING_IDS.map((finding) => ({ code: finding, among: FIGURE_CODES.found }))
];

/** What was found, and still stands; and of whom each check can be compared. */
export const FINDING_RULES: readonly CodeRule[] = [
	...FOUND_RULES,
	{ code: FIGURE_CODES.twice, among: '', isPart: true },
	...CHECK_IDS.map((check) => ({ code: gapCode(check), among: FIGURE_CODES.twice, isPart: true }))
];

/** What stays open, and what would close it. */
export const PURCHASE_RULES: readonly CodeRule[] = [
	{ code: FIGURE_CODES.open, among: '' },
	{ code: FIGURE_CODES.closable, among: FIGURE_CODES.open, mayBeAll: true },
	...PURCHASES.map((purchase) => ({ code: purchase, among: FIGURE_CODES.closable, mayBeAll: true }))
];

/** All that is shown where two filters act together, of those who have answered: what can be told of one bears on what is told of the others. */
export const CROSSED_RULES: readonly CodeRule[] = [
	...HURT_RULES,
	...FOUND_RULES,
	...PURCHASE_RULES,
	...HELP_RULES
];
