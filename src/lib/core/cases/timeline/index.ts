import type { FindingId } from '../../questionnaire/checklist/findings';
import type { ContactNextStep, ContactResult, ContactWay, CoordinatorLook } from '../contact';
import type { RegionReport } from '../discomfort/report';
import type { Closable } from '../case-assessment/vocabulary';
import type { AssessmentResult } from '../case-assessment/assessment-result';
import type { TriageLevel } from '../triage/policy';

/** Filters of a person's timeline; who opened the case is shown only on request. */
export const TIMELINE_GROUPS = [
	'answers',
	'messages',
	'calls',
	'letters',
	'plan',
	'things',
	'clinician',
	'notes',
	'desk',
	'looks'
] as const;

/** One of {@link TIMELINE_GROUPS}. */
export type TimelineGroup = (typeof TIMELINE_GROUPS)[number];

/**
 * The group of each act that appears only as an audit-log line. Acts with text of their own, such as messages, appear as that text instead.
 */
const GROUP_OF_ACT: Readonly<Record<string, TimelineGroup>> = {
	'assessment-sent': 'answers',
	'begun-by-phone': 'answers',
	'walkthrough-started': 'calls',
	'walkthrough-joined': 'calls',
	'walkthrough-agreed': 'calls',
	'walkthrough-ended': 'calls',
	consented: 'answers',
	answered: 'answers',
	're-measured': 'plan',
	'signs-told': 'answers',
	'signs-lifted': 'answers',
	'finding-ticked': 'answers',
	'spot-added': 'answers',
	withdrawn: 'answers',
	'link-revoked': 'answers',
	'checked-in': 'answers',
	'check-in-asked': 'answers',
	reminded: 'letters',
	'step-ticked': 'plan',
	'plan-chosen': 'plan',
	'style-kept': 'plan',
	'plan-recalled': 'plan',
	'trial-asked': 'plan',
	'equipment-asked': 'things',
	'equipment-not-needed': 'things',
	'equipment-decided': 'things',
	'case-read': 'looks'
};

/** Acts whose own text is in the timeline. */
const SAID_ELSEWHERE: readonly string[] = [
	'letter-delivered',
	'message-written',
	'note-written',
	'contact-recorded',
	'referred',
	'referral-written',
	'referral-ended'
];

/** The group of an audit-log line; null where its own text is in the timeline. */
export function timelineGroupOfAct(act: string): TimelineGroup | null {
	return SAID_ELSEWHERE.includes(act) ? null : (GROUP_OF_ACT[act] ?? 'desk');
}

/** A contact, or an attempt at one. */
interface TimelineContact {
	readonly how: ContactWay;
	readonly result: ContactResult;
	readonly whom: string;
	readonly said: string;
	readonly closes: readonly Closable[];
	/** Hazards that the person said are put right. */
	readonly fixed: readonly FindingId[];
	readonly next: ContactNextStep | null;
	/** ISO day. */
	readonly nextOn: string | null;
	readonly why: string;
	/** What a coordinator saw of the heights; null where nobody looked. */
	readonly saw: CoordinatorLook | null;
}

/** What happened, by kind. */
type TimelineEvent =
	| { readonly kind: 'act'; readonly act: string; readonly detail: Readonly<Record<string, string | number>> }
	| { readonly kind: 'message'; readonly text: string }
	| { readonly kind: 'note'; readonly text: string }
	| { readonly kind: 'contact'; readonly contact: TimelineContact }
	| {
			readonly kind: 'letter';
			readonly subject: string;
			readonly state: string;
			readonly fault: string;
	  }
	| {
			readonly kind: 'referral';
			readonly event: 'asked' | 'written' | 'ended';
			readonly to: string;
			readonly text: string;
	  }
	| { readonly kind: 'discomfort'; readonly discomfort: readonly RegionReport[] }
	| {
			readonly kind: 'level';
			readonly level: TriageLevel;
			readonly before: TriageLevel | null;
			readonly grounds: Pick<AssessmentResult, 'reasons' | 'evidence' | 'unclosable'>;
	  };

/** An entry of the timeline. */
export interface TimelineEntry {
	/** Tells entries of one moment apart. */
	readonly id: string;
	readonly at: Date;
	readonly group: TimelineGroup;
	/** Who did it: a user's name, the person, or null where it happened automatically. */
	readonly by: string | null;
	readonly isPerson: boolean;
	readonly event: TimelineEvent;
}

/** Newest first; entries of one moment in the order they came. */
export function newestFirst(entries: readonly TimelineEntry[]): TimelineEntry[] {
	return entries
		.map((entry, i) => ({ entry, i }))
		.sort((a, b) => Number(b.entry.at) - Number(a.entry.at) || a.i - b.i)
		.map(({ entry }) => entry);
}

/** The number of entries in each group. */
export function countByGroup(entries: readonly TimelineEntry[]): Readonly<Record<TimelineGroup, number>> {
	const none = Object.fromEntries(TIMELINE_GROUPS.map((group) => [group, 0])) as Record<
		TimelineGroup,
		number
	>;
	return entries.reduce((counts, { group }) => ({ ...counts, [group]: counts[group] + 1 }), none);
}
