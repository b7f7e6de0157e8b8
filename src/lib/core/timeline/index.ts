import type { ContactResult, ContactWay, ContactNextStep } from '../contact';
import type { RegionReport } from '../discomfort';
import type { Closable, AssessmentResult } from '../case-assessment';
import type { TriageLevel } from '../triage';

/** What a person's timeline can be narrowed to; who looked at the case is shown only when it is asked for. */
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

/** Where each act that is only a line of the record belongs. Acts with words of their own, such as a message, stand as these words instead. */
const GROUP_OF_ACT: Readonly<Record<string, TimelineGroup>> = {
	'assessment-sent': 'answers',
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
	'equipment-asked': 'things',
	'equipment-not-needed': 'things',
	'equipment-decided': 'things',
	'case-read': 'looks'
};

/** Acts whose own words stand in the timeline. */
const SAID_ELSEWHERE: readonly string[] = [
	'letter-delivered',
	'message-written',
	'note-written',
	'contact-recorded',
	'referred',
	'referral-written',
	'referral-ended'
];

/** The group of a line of the record; null where its words stand there by themselves. */
export function timelineGroupOfAct(act: string): TimelineGroup | null {
	return SAID_ELSEWHERE.includes(act) ? null : (GROUP_OF_ACT[act] ?? 'desk');
}

/** A talk, or the try of one. */
export interface TimelineContact {
	readonly how: ContactWay;
	readonly result: ContactResult;
	readonly whom: string;
	readonly said: string;
	readonly closes: readonly Closable[];
	readonly next: ContactNextStep | null;
	/** ISO day. */
	readonly nextOn: string | null;
	readonly why: string;
}

/** What happened, by kind. */
export type TimelineEvent =
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

/** One thing that was said or done. */
export interface TimelineEntry {
	/** Tells two of one moment apart. */
	readonly id: string;
	readonly at: Date;
	readonly group: TimelineGroup;
	/** Who did it: a user's name, the person, or nobody where it came by itself. */
	readonly by: string | null;
	readonly isPerson: boolean;
	readonly event: TimelineEvent;
}

/** The newest first; of one moment, as they came. */
export function newestFirst(entries: readonly TimelineEntry[]): TimelineEntry[] {
	return entries
		.map((entry, i) => ({ entry, i }))
		.sort((a, b) => Number(b.entry.at) - Number(a.entry.at) || a.i - b.i)
		.map(({ entry }) => entry);
}

/** How many there are of each group. */
export function countByGroup(entries: readonly TimelineEntry[]): Readonly<Record<TimelineGroup, number>> {
	const none = Object.fromEntries(TIMELINE_GROUPS.map((group) => [group, 0])) as Record<
		TimelineGroup,
		number
	>;
	return entries.reduce((counts, { group }) => ({ ...counts, [group]: counts[group] + 1 }), none);
}
