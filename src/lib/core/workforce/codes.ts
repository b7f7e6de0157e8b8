import { FINDING_IDS } from '../checklist';
import { CHECK_IDS, type CheckId } from '../checks';
import { BODY_SIDES, DISCOMFORT_KINDS, REGIONS, SIDED_REGIONS } from '../discomfort';
import { PURCHASES } from '../plan';
import type { CodeRule } from './figures';

/** The dimensions by which figures can be grouped. */
export const GROUPINGS = ['team', 'country', 'round', 'way', 'route', 'spot', 'time'] as const;

/** Stands in a URL for the group whose value is unknown; '' means no filter there. */
export const UNKNOWN_GROUP = '~';

/** One of {@link GROUPINGS}. */
export type Grouping = (typeof GROUPINGS)[number];

/** Codes of the workforce pages besides regions, findings and purchases, which have their own ids. */
export const FIGURE_CODES = {
	/** Any discomfort; with a worst score at which the policy says *soon*. */
	hurts: 'hurts',
	/** Reported again after the first report: discomfort then, now, and both times. */
	again: 'again',
	now: 'now',
	first: 'first',
	both: 'both',
	/** Any finding. */
	found: 'found',
	/** Assessed again after the first answers. */
	twice: 'twice',
	/** A gap stays open after the plan, and a purchase would close it. */
	open: 'open',
	closable: 'closable',
	/** Has a plan, has reported since, and had discomfort at one of the two times: carried out before the newest report, or not. */
	planned: 'planned',
	done: 'done',
	/** Answered the last invitation. */
	answered: 'answered'
} as const;

/** Of those who were asked: who answered. */
export const ANSWER_RULES: readonly CodeRule[] = [{ code: FIGURE_CODES.answered, among: '' }];

/** Who reported again after a plan, and the outcome of the plan. */
export const HELP_RULES: readonly CodeRule[] = [
	{ code: FIGURE_CODES.again, among: '', isPart: true },
	{ code: FIGURE_CODES.planned, among: FIGURE_CODES.again, isPart: true },
	{ code: FIGURE_CODES.done, among: FIGURE_CODES.planned }
];

const HURT_RULES: readonly CodeRule[] = [
	{ code: FIGURE_CODES.hurts, among: '' },
	...REGIONS.map((region) => ({ code: region, among: FIGURE_CODES.hurts }))
];

/** Where it hurts, now and at first for the same people. */
export const DISCOMFORT_RULES: readonly CodeRule[] = [
	...HURT_RULES,
	{ code: FIGURE_CODES.again, among: '', isPart: true },
	...([FIGURE_CODES.first, FIGURE_CODES.now] as const).flatMap((when) => [
		{ code: when, among: FIGURE_CODES.again },
		...REGIONS.map((region) => ({ code: `${when} ${region}`, among: when }))
	])
];

/** Sides and kinds, for everyone together. */
export const DISCOMFORT_DETAIL_RULES: readonly CodeRule[] = REGIONS.flatMap((region) => [
	...(SIDED_REGIONS.some((sided) => sided === region)
		? BODY_SIDES.map((side) => ({ code: `${region}/${side}`, among: region, oneOf: `${region}/` }))
		: []),
	...DISCOMFORT_KINDS.map((kind) => ({ code: `${region}:${kind}`, among: region }))
]);

/** The code for people for whom a check was assessed at first and is assessed now. */
export const gapCode = (check: CheckId) => `gap ${check}`;

const FOUND_RULES: readonly CodeRule[] = [
	{ code: FIGURE_CODES.found, among: '' },
	...FINDING_IDS.map((finding) => ({ code: finding, among: FIGURE_CODES.found }))
];

/** Open findings, and for whom each check can be compared. */
export const FINDING_RULES: readonly CodeRule[] = [
	...FOUND_RULES,
	{ code: FIGURE_CODES.twice, among: '', isPart: true },
	...CHECK_IDS.map((check) => ({ code: gapCode(check), among: FIGURE_CODES.twice, isPart: true }))
];

/** Gaps that stay open, and what would close them. */
export const PURCHASE_RULES: readonly CodeRule[] = [
	{ code: FIGURE_CODES.open, among: '' },
	{ code: FIGURE_CODES.closable, among: FIGURE_CODES.open, mayBeAll: true },
	...PURCHASES.map((purchase) => ({ code: purchase, among: FIGURE_CODES.closable, mayBeAll: true }))
];

/** Everything published where two filters act together, of those who answered: what one figure reveals affects the others. */
export const CROSSED_RULES: readonly CodeRule[] = [
	...HURT_RULES,
	...FOUND_RULES,
	...PURCHASE_RULES,
	...HELP_RULES
];
