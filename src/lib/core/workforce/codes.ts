import { FINDING_IDS } from '../questionnaire/checklist/findings';
import { CHECK_IDS, type CheckId } from '../workstation/checks/check-values';
import { BODY_SIDES, REGIONS, SIDED_REGIONS } from '../cases/discomfort/regions';
import { DISCOMFORT_KINDS } from '../cases/discomfort/report';
import { PURCHASES, type PurchaseId } from '../plan/purchases';
import type { CodeRule } from './figures';
import { STEP_RULES } from './plan-step-codes';

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
	/** A height is known to be off; none is (its complement); none is, but something isn't known yet. */
	problem: 'problem',
	well: 'well',
	unknown: 'unknown',
	/** The same after the plan. */
	open: 'open',
	wellAfter: 'wellAfter',
	unknownAfter: 'unknownAfter',
	/** A problem remains after the plan, and a purchase would help. */
	closable: 'closable',
	/** Has a plan, has reported since, and had discomfort at one of the two times: carried out before the newest report, or not. */
	planned: 'planned',
	done: 'done',
	/** The plan was in place six weeks ago or longer; and still is. */
	settled: 'settled',
	stands: 'stands',
	/** Answered the last invitation. */
	answered: 'answered'
} as const;

/** Of those who were asked: who answered. */
export const ANSWER_RULES: readonly CodeRule[] = [{ code: FIGURE_CODES.answered, among: '' }];

/** Who reported again after a plan, and the outcome of the plan. */
export const HELP_RULES: readonly CodeRule[] = [
	{ code: FIGURE_CODES.again, among: '', isPart: true },
	{ code: FIGURE_CODES.planned, among: FIGURE_CODES.again, isPart: true },
	{ code: FIGURE_CODES.done, among: FIGURE_CODES.planned },
	{ code: FIGURE_CODES.settled, among: '', isPart: true },
	{ code: FIGURE_CODES.stands, among: FIGURE_CODES.settled }
];

/** Days after which a plan that was in place is looked at again: the second check-in. */
export const SETTLED_DAYS = 42;

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
const DISCOMFORT_DETAIL_RULES: readonly CodeRule[] = REGIONS.flatMap((region) => [
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

/** Heights in three parts: a problem, not known yet, and the rest, which fits. */
const HEIGHT_RULES: readonly CodeRule[] = [
	{ code: FIGURE_CODES.problem, among: '' },
	{ code: FIGURE_CODES.well, among: '', complementOf: FIGURE_CODES.problem },
	{ code: FIGURE_CODES.unknown, among: FIGURE_CODES.well, mayBeAll: true }
];

/** Open findings, and for whom each check can be compared. */
export const FINDING_RULES: readonly CodeRule[] = [
	...HEIGHT_RULES,
	...FOUND_RULES,
	{ code: FIGURE_CODES.twice, among: '', isPart: true },
	...CHECK_IDS.map((check) => ({ code: gapCode(check), among: FIGURE_CODES.twice, isPart: true }))
];

/** Begins the codes of {@link firstChoiceCode}. */
export const FIRST_CHOICE = 'first choice: ';

/** The code for people for whom an item is the cheapest sensible purchase, alone or with another one. */
export const firstChoiceCode = (purchase: PurchaseId) => `${FIRST_CHOICE}${purchase}`;

/** Heights after the plan, in the same three parts; and of those with a problem, the people helped by each item. */
export const PURCHASE_RULES: readonly CodeRule[] = [
	{ code: FIGURE_CODES.open, among: '' },
	{ code: FIGURE_CODES.wellAfter, among: '', complementOf: FIGURE_CODES.open },
	{ code: FIGURE_CODES.unknownAfter, among: FIGURE_CODES.wellAfter, mayBeAll: true },
	{ code: FIGURE_CODES.closable, among: FIGURE_CODES.open, mayBeAll: true },
	...PURCHASES.flatMap((purchase) => [
		{ code: purchase, among: FIGURE_CODES.closable, mayBeAll: true },
		{ code: firstChoiceCode(purchase), among: purchase, mayBeAll: true }
	])
];

/** Everything published where two filters act together, of those who answered: what one figure reveals affects the others. */
export const CROSSED_RULES: readonly CodeRule[] = [
	...HURT_RULES,
	...HEIGHT_RULES,
	...FOUND_RULES,
	...PURCHASE_RULES,
	...HELP_RULES
];

/** Kinds of figures, each with all that is ever published of groups. */
const RULES_OF = {
	answers: ANSWER_RULES,
	discomfort: DISCOMFORT_RULES,
	findings: FINDING_RULES,
	help: HELP_RULES,
	needs: PURCHASE_RULES,
	steps: STEP_RULES
} as const satisfies Record<string, readonly CodeRule[]>;

/** A kind of figures. */
export type PublishedOf = keyof typeof RULES_OF;

/** Kinds of which only figures of everyone are published. */
export const FOR_EVERYONE_ONLY: readonly PublishedOf[] = ['steps'];

/** Kinds of figures. */
export const PUBLISHED_OF = Object.keys(RULES_OF) as readonly PublishedOf[];

/** All that is ever published of a kind of figures: of everyone with sides and kinds of discomfort, of groups without. */
export const publishedRules = (of: PublishedOf, by: Grouping | null): readonly CodeRule[] =>
	of === 'discomfort' && by === null ? [...DISCOMFORT_RULES, ...DISCOMFORT_DETAIL_RULES] : RULES_OF[of];
