import { lists } from './en/lists';
import type { Region, RegionReport, Sign } from '$lib/core/discomfort';
import type { Closable, Judgement, Reason, Waiting } from '$lib/core/judgement';
import type { Level } from '$lib/core/triage';

/** Names of the regions, as they stand in a sentence. */
export const regionsEn: Readonly<Record<Region, string>> = {
	head: 'head',
	eyes: 'eyes',
	neck: 'neck',
	shoulder: 'shoulder',
	'upper-back': 'upper back',
	elbow: 'elbow',
	'wrist-hand': 'wrist or hand',
	'low-back': 'low back',
	'hip-thigh': 'hip or thigh',
	knee: 'knee',
	'ankle-foot': 'ankle or foot'
};

/** The signs, as the coordinator reads them. */
export const signsEn: Readonly<Record<Sign, string>> = {
	'chest-pain': 'pressure or pain in the chest',
	'sudden-one-sided-weakness': 'sudden weakness on one side, or trouble speaking',
	'sudden-worst-headache': 'a sudden headache, the worst ever',
	'sudden-loss-of-sight': 'sudden loss of sight, or double vision',
	'saddle-numbness': 'back pain with numbness between the legs, or loss of bladder or bowel control',
	'wakes-at-night': 'numbness or tingling that wakes them at night',
	'numbness-stays': 'numbness or tingling that stays',
	'with-weakness': 'numbness or tingling with weakness',
	'runs-down-a-limb': 'pain that runs down an arm or a leg',
	'does-not-ease': 'pain that does not ease despite the changes',
	'after-injury': 'pain after a fall, a blow or another injury'
};

const waitingEn: Readonly<Record<Waiting, string>> = {
	equipment: 'asked for equipment',
	question: 'wrote a message',
	clinician: 'a clinician has written',
	'stuck-step': 'nothing at home works for them: stuck',
	silent: 'has not answered any reminder: call'
};

/** What an outcome can close, as the coordinator reads it. */
export function closableEn(of: Closable): string {
	switch (of) {
		case 'reported-weakness':
			return 'reported weakness';
		case 'reported-tingling':
			return 'reported tingling or numbness';
		case 'severe':
			return 'a score of 7 or more';
		case 'not-better':
			return 'no better after the plan';
		default:
			return signsEn[of];
	}
}

/** A region with its side, as it stands in a sentence. */
export function regionEn({ region, side }: Pick<RegionReport, 'region' | 'side'>): string {
	const name = regionsEn[region];
	if (side === null) return name;
	return side === 'both' ? `${name}, both sides` : `${side} ${name}`;
}

/** One region with its score and on how many days of the week. */
export function regionScoreEn(report: RegionReport): string {
	const days = report.days === 7 ? 'every day' : `${report.days} of 7 days`;
	return `${regionEn(report)} ${report.worst} of 10, ${days}`;
}

/** What the words of a reason rest on. */
export type Grounds = Pick<Judgement, 'evidence' | 'unclosable'>;

const GAPS: Readonly<Record<string, string>> = {
	'knee low': 'seat too low',
	'knee high': 'seat too high',
	'elbow low': 'keys too high',
	'elbow high': 'keys too low',
	'eye low': 'screen too low',
	'eye high': 'screen too high',
	'thigh low': 'too little room for the thighs'
};

/** A text as the beginning of a sentence. */
function capital(text: string): string {
	return text.charAt(0).toUpperCase() + text.slice(1);
}

/** Why a case is where it is, as a sentence without its end. @param grounds the judgement that the reason is of */
export function reasonEn(reason: Reason, grounds: Grounds): string {
	return capital(wordsOf(reason, grounds));
}

function wordsOf(reason: Reason, grounds: Grounds): string {
	const regions = grounds.evidence[reason.code] ?? [];
	const names = lists.and(regions.map(regionEn));
	const scores = lists.and(regions.map(regionScoreEn));
	switch (reason.code) {
		case 'emergency-sign':
			return `Emergency sign: ${reason.sign ? signsEn[reason.sign] : 'reported'}`;
		case 'professional-sign':
			return `Needs a clinician: ${reason.sign ? signsEn[reason.sign] : 'a sign'}`;
		case 'reported-weakness':
			return `Needs a clinician: weakness, ${scores}`;
		case 'reported-tingling':
			return `Needs a clinician: tingling or numbness, ${scores}`;
		case 'severe':
			return `Needs a clinician: ${scores}`;
		case 'not-better':
			return `Needs a clinician: no better six weeks after the plan, ${scores}`;
		case 'moderate':
			return scores;
		case 'hinders-much':
			return `${names} hinders work a lot`;
		case 'back-again':
			return `was better, now worse again: ${scores}`;
		case 'unclosable': {
			const gaps = grounds.unclosable.map(({ check, side }) => GAPS[`${check} ${side}`] ?? check);
			return `${lists.and(gaps)}; nothing at home fixes it. Sore: ${names}`;
		}
		case 'request':
			return reason.what ? waitingEn[reason.what] : 'waits for you';
		case 'stuck':
			return 'has not begun the plan: stuck';
		case 'open-plan':
			return 'has a plan to carry out at home';
		case 'nothing-open':
			return 'nothing is open';
	}
}

/** Names of the levels, and the rule of each: shown wherever a case has a place in the order. */
export const levelEn: Readonly<Record<Level, { readonly name: string; readonly rule: string }>> = {
	now: { name: 'Now', rule: 'An emergency sign without an outcome. Act today.' },
	clinician: {
		name: 'Clinician',
		rule: 'A sign for a clinician without an outcome, a score of 7 or more, weakness, lasting tingling, or no better 42 days after the plan. Within 3 working days.'
	},
	soon: {
		name: 'Soon',
		rule: 'A score of 4 to 6, work hindered a lot, worse again after the plan, or a gap that no plan closes where it hurts. Within 5 working days.'
	},
	help: {
		name: 'Help',
		rule: 'Something waits for you: equipment, a message, a stuck step, a call. Within 10 working days.'
	},
	home: { name: 'Home', rule: 'A plan that they can carry out at home. Within 20 working days.' },
	settled: { name: 'To acknowledge', rule: 'New answers, and nothing is open.' }
};
