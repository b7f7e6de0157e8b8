import { listTexts } from './en/lists';
import { isHazard, type HazardId } from '$lib/core/checklist';
import type { EmergencyClearance, Region, RegionReport, RedFlag } from '$lib/core/discomfort';
import type { Closable, AssessmentResult, TriageReason, WaitingKind } from '$lib/core/case-assessment';
import { dayWords } from './desk-dates';
import type { TriageLevel } from '$lib/core/triage';

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
export const signsEn: Readonly<Record<RedFlag, string>> = {
	'chest-pain': 'pressure or pain in the chest',
	'sudden-breathlessness': 'sudden trouble breathing',
	'sudden-one-sided-weakness': 'sudden weakness or numbness on one side, or trouble speaking',
	'sudden-worst-headache': 'a sudden headache, the worst ever',
	'sudden-loss-of-sight': 'sudden loss of sight, or double vision',
	'saddle-numbness': 'back pain with numbness between the legs, bladder trouble, or both legs weak or numb',
	'thoughts-of-ending-life': 'thoughts of ending their life',
	'new-weakness': 'new weakness in an arm, hand, leg or foot',
	'one-calf-swollen': 'one calf swollen, warm and sore',
	'back-pain-with-fever': 'back pain with fever, unexplained weight loss, or after cancer',
	'clumsy-hands': 'clumsy hands or unsteady walking, new',
	'wakes-at-night': 'numbness or tingling that wakes them at night',
	'numbness-stays': 'numbness or tingling that stays',
	'runs-down-a-limb': 'pain that runs down an arm or a leg',
	'does-not-ease': 'pain that does not ease despite the changes',
	'after-injury': 'pain after a fall, a blow or another injury',
	'worst-at-night': 'back pain that is worst at night in bed'
};

/** Hazards, as the coordinator reads them. */
const hazardsEn: Readonly<Record<HazardId, string>> = {
	'cables-in-the-way': 'loose cables near their feet',
	'chained-strips': 'power strips plugged into each other',
	'stack-wobbles': 'a wobbly stack',
	'vents-covered': 'covered laptop vents'
};

/** A hazard in words; null for what is none, or is of another checklist. */
export const hazardEn = (finding: string): string | null => (isHazard(finding) ? hazardsEn[finding] : null);

const waitingEn: Readonly<Record<WaitingKind, string>> = {
	equipment: 'requested equipment',
	message: 'sent a message',
	clinician: 'message from a clinician',
	'stuck-step': 'needs help: nothing at home works for a step',
	silent: 'hasn’t answered any reminder: please call'
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

/** A region with its side, for use within a sentence. */
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
export type Grounds = Pick<AssessmentResult, 'evidence' | 'unclosable'>;

const GAPS: Readonly<Record<string, string>> = {
	'knee low': 'seat too low',
	'knee high': 'seat too high',
	'elbow low': 'keyboard too high',
	'elbow high': 'keyboard too low',
	'eye low': 'screen too low',
	'eye high': 'screen too high',
	'thigh low': 'too little room for the thighs'
};

/** A text as the beginning of a sentence. */
function capital(text: string): string {
	return text.charAt(0).toUpperCase() + text.slice(1);
}

/** Why a case is where it is, as a sentence without its end. @param grounds the judgement that the reason is of */
export function reasonEn(reason: TriageReason, grounds: Grounds): string {
	return capital(wordsOf(reason, grounds));
}

/** What a tap on the stop page said. */
export const LIFT_WORDS: Readonly<Record<EmergencyClearance, string>> = {
	seen: 'a doctor or emergency service has seen them',
	mistake: 'they tapped it by mistake',
	'safe-now': 'they’re safe now and someone is with them'
};

/** What the person tapped on the stop page, and when; the sign stays open all the same. */
function liftedEn({ lifted }: TriageReason): string {
	return lifted ? `. They said on ${dayWords(lifted.on, 'short')}: ${LIFT_WORDS[lifted.how]}` : '';
}

function wordsOf(reason: TriageReason, grounds: Grounds): string {
	const regions = grounds.evidence[reason.code] ?? [];
	const names = listTexts.and(regions.map(regionEn));
	const scores = listTexts.and(regions.map(regionScoreEn));
	switch (reason.code) {
		case 'emergency-sign':
			return `Emergency: ${reason.sign ? signsEn[reason.sign] : 'a warning sign'}${liftedEn(reason)}`;
		case 'urgent-sign':
			return `Urgent today: ${reason.sign ? signsEn[reason.sign] : 'a warning sign'}`;
		case 'professional-sign':
			return `Needs a clinician: ${reason.sign ? signsEn[reason.sign] : 'a warning sign'}`;
		case 'reported-weakness':
			return `Urgent today: weakness, ${scores}`;
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
			return `worse again after getting better: ${scores}`;
		case 'unclosable': {
			const gaps = grounds.unclosable.map(({ check, side }) => GAPS[`${check} ${side}`] ?? check);
			return `${listTexts.and(gaps)}, and nothing at home fixes it. Discomfort: ${names}`;
		}
		case 'hazard': {
			const hazard = hazardEn(reason.finding ?? '') ?? 'at the workstation';
			return `Hazard: ${hazard}${reason.refused ? ' (they say it can’t be fixed there)' : ''}`;
		}
		case 'request':
			return reason.what ? waitingEn[reason.what] : 'waiting for you';
		case 'stuck':
			return 'plan not started';
		case 'open-plan':
			return 'is carrying out the plan at home';
		case 'findings':
			return 'has problems to fix at home';
		case 'nothing-open':
			return 'nothing to do';
	}
}

/** Names of the levels, and the rule of each: shown wherever a case has a place in the order. */
export const levelEn: Readonly<Record<TriageLevel, { readonly name: string; readonly rule: string }>> = {
	emergency: {
		name: 'Emergency',
		rule: 'An emergency warning sign that is still open. Act the same day.'
	},
	urgent: {
		name: 'Urgent today',
		rule: 'A warning sign that a clinician must know about today, or reported weakness.'
	},
	clinician: {
		name: 'For a clinician',
		rule: 'A warning sign for a clinician, a score of 7 or more, lasting tingling, or no better 42 days after the plan. Within 3 working days.'
	},
	soon: {
		name: 'This week',
		rule: 'A score of 4 to 6, work hindered a lot, a hazard, worse again after the plan, or a problem that no plan fixes where it hurts. Within 5 working days.'
	},
	help: {
		name: 'Waiting for you',
		rule: 'Equipment requests, requests for help and calls: within 10 working days. Messages: by the next working day.'
	},
	home: { name: 'Self-help', rule: 'Problems that they can fix at home. Within 20 working days.' },
	done: { name: 'Nothing to do', rule: 'New answers, no problems.' }
};
