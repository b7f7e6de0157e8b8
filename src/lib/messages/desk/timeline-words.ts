import type { TimelineEntry, TimelineGroup } from '$lib/core/timeline';
import { hazardEn, LIFT_WORDS } from '../triage-en';
import { recordActWords } from './record-words';
import { STATE_WORDS } from './request-words';
import { dayWords } from '$lib/messages/desk-dates';
import type { Catalogue } from '$lib/messages';

/** Names of the timeline's filters. */
export const GROUP_WORDS: Readonly<Record<TimelineGroup, string>> = {
	answers: 'Answers',
	messages: 'Messages',
	calls: 'Contacts',
	letters: 'Emails',
	plan: 'Plan',
	things: 'Equipment',
	clinician: 'Clinician',
	notes: 'Notes',
	desk: 'Case and settings',
	looks: 'Views'
};

/** States of an email. */
export const LETTER_WORDS: Readonly<Record<string, string>> = {
	waiting: 'on its way',
	delivered: 'delivered',
	bounced: 'returned',
	failed: 'not delivered'
};

/** What someone said about a problem at their workstation. */
const TICKED = {
	done: 'fixed a problem',
	'not-here': 'said that a problem can’t be fixed there',
	open: 'marked a problem as not fixed'
} as const;

type Act = Extract<TimelineEntry['event'], { kind: 'act' }>;

const asKey = <T extends object>(table: T, key: unknown): T[keyof T] | undefined =>
	typeof key === 'string' && Object.hasOwn(table, key) ? table[key as keyof T] : undefined;

/** An audit-log line, with what it was about. */
export function actWords({ act, detail }: Act, t: Catalogue): string {
	const words = recordActWords(act);
	const thing = asKey(t.open.buy, detail.purchase);
	const state = asKey(STATE_WORDS, detail.to);
	const step = asKey(t.steps.places, detail.place);
	if (act === 'step-ticked' && step) return `${detail.done === 0 ? 'undid' : 'carried out'}: ${step}`;
	if (act === 'finding-ticked') {
		const hazard = typeof detail.finding === 'string' ? hazardEn(detail.finding) : null;
		return `${asKey(TICKED, detail.how) ?? words}${hazard ? `: ${hazard}` : ''}`;
	}
	if (act === 'signs-lifted') return `${words}: ${asKey(LIFT_WORDS, detail.how) ?? ''}`;
	if (act === 'equipment-decided' && thing && state) return `${thing}: ${state}`;
	if (thing) return `${words}: ${thing}`;
	if (act === 'follow-up-set' && typeof detail.due === 'string')
		return `${words} for ${dayWords(detail.due)}`;
	return words;
}
