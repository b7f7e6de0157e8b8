import type { TriageLevel } from '../triage/policy';
import { type RedFlag, RED_FLAGS } from '../discomfort/red-flags';
import { STEP_PLACES } from '../../plan/step-places';

/** What a plan asks a person to do, in the order of work. */
export const PLAN_ITEMS = STEP_PLACES;

/** One plan item; see {@link PLAN_ITEMS}. */
export type PlanItem = (typeof PLAN_ITEMS)[number];

/** What can be waiting for a coordinator besides answers. */
export const WAITING_KINDS = ['equipment', 'message', 'clinician', 'stuck-step', 'silent'] as const;

/** One thing that waits. */
export type WaitingKind = (typeof WAITING_KINDS)[number];

/** What can be new at a check-in; each leads to reviewing the stations it affects. */
export const NEWS_KINDS = ['glasses', 'moved', 'chair', 'pregnancy', 'other'] as const;

/** One kind of news. */
export type NewsKind = (typeof NEWS_KINDS)[number];

/** Every rule that can set a case's level, with that level. */
export const REASON_LEVELS = {
	'emergency-sign': 'emergency',
	'urgent-sign': 'urgent',
	'professional-sign': 'clinician',
	'reported-weakness': 'urgent',
	'reported-tingling': 'clinician',
	severe: 'clinician',
	'not-better': 'clinician',
	moderate: 'soon',
	'hinders-much': 'soon',
	'back-again': 'soon',
	unclosable: 'soon',
	hazard: 'soon',
	request: 'help',
	stuck: 'help',
	'open-plan': 'home',
	findings: 'home',
	'nothing-open': 'done'
} as const satisfies Record<string, TriageLevel>;

/** Name of a rule. */
export type ReasonCode = keyof typeof REASON_LEVELS;

/** Every rule, the most serious first. */
export const REASON_CODES = Object.keys(REASON_LEVELS) as readonly ReasonCode[];

/** Rules without a warning sign that only an outcome closes. */
export const CLOSED_BY_OUTCOME = ['reported-weakness', 'reported-tingling', 'severe', 'not-better'] as const;

/** What an outcome can close: a warning sign, or one of {@link CLOSED_BY_OUTCOME}. */
export const CLOSABLE = [...RED_FLAGS, ...CLOSED_BY_OUTCOME] as const;

/** One thing that an outcome closes. */
export type Closable = RedFlag | (typeof CLOSED_BY_OUTCOME)[number];

/** The kind of plan agreed on: a whole plan, or one of the arrangements for a laptop alone. */
export const PLAN_KINDS = ['plan', 'typing', 'reading', 'with-keyboard'] as const;

/** What a person says of a finding: fixed, or impossible where they work. */
export const FINDING_TICKS = ['done', 'not-here'] as const;

/** One of {@link FINDING_TICKS}. */
export type FindingTick = (typeof FINDING_TICKS)[number];

/** The kinds of action; see `actions.ts`. */
export const ACTION_KINDS = ['hazard', 'spot', 'finding', 'ask', 'measure', 'build'] as const;

/** Heights that can be measured again, mm above the floor: seat, footrest, surface, keys, top of the screen. */
export const MEASURED_HEIGHTS = ['seat', 'feet', 'surface', 'keys', 'screen'] as const;

/** A height that can be measured again. */
export type MeasuredHeight = (typeof MEASURED_HEIGHTS)[number];
