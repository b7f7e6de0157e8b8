import type { Region, RegionReport, Sign } from '$lib/core/discomfort';
import type { Level, OpenRequest, Reason } from '$lib/core/triage';
import { checklistEn } from './checklist-en';

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
	'sudden-one-sided-weakness': 'sudden weakness on one side, or speech that fails',
	'sudden-worst-headache': 'a sudden headache, the worst ever',
	'sudden-loss-of-sight': 'sudden loss of sight, or double sight',
	'saddle-numbness': 'back pain with numbness between the legs, or loss of control of bladder or bowel',
	'wakes-at-night': 'numbness or tingling that wakes at night',
	'numbness-stays': 'numbness or tingling that stays',
	'with-weakness': 'numbness or tingling with weakness',
	'runs-down-a-limb': 'pain that runs down an arm or a leg',
	'does-not-ease': 'pain that does not ease in spite of changes',
	'after-injury': 'pain after a fall, a blow or another injury'
};

const requestsEn: Readonly<Record<OpenRequest, string>> = {
	equipment: 'asked for equipment',
	question: 'asked a question',
	'stuck-step': 'is stuck at a step',
	silent: 'has not answered after every reminder: call'
};

function regionWords({ region, side }: Pick<RegionReport, 'region' | 'side'>): string {
	const name = regionsEn[region];
	if (side === null) return name;
	return side === 'both' ? `${name}, both sides` : `${side} ${name}`;
}

/** Why a case is where it is, in words. */
export function reasonEn(reason: Reason): string {
	switch (reason.code) {
		case 'emergency-sign':
			return `Emergency sign: ${signsEn[reason.sign]}`;
		case 'professional-sign':
			return `For a clinician: ${signsEn[reason.sign]}`;
		case 'severe':
			return `For a clinician: ${regionWords(reason.report)} at ${reason.report.worst} of 10`;
		case 'not-better':
			return `For a clinician: worst was ${reason.first} and is ${reason.now} of 10 in spite of the changes`;
		case 'moderate':
			return `${regionWords(reason.report)} at ${reason.report.worst} of 10`;
		case 'hinders-much':
			return `${regionWords(reason.report)} hinders work much`;
		case 'unclosable':
			return `${checklistEn.findings[reason.finding]}, which nothing at home closes, and a sore ${regionsEn[reason.region]}`;
		case 'request':
			return requestsEn[reason.request];
		case 'open-plan':
			return 'has a plan to carry out at home';
		case 'nothing-open':
			return 'nothing is open';
	}
}

/** Names of the levels, and the rule of each: shown wherever a case has a place in the order. */
export const levelEn: Readonly<Record<Level, { readonly name: string; readonly rule: string }>> = {
	now: { name: 'Now', rule: 'Rule: an emergency sign. To act on today.' },
	clinician: {
		name: 'Clinician',
		rule: 'Rule: a sign for a professional, a score of 7 or more, or not noticeably better 42 days after the plan. Within 3 working days.'
	},
	soon: {
		name: 'Soon',
		rule: 'Rule: a score of 4 to 6, or it hinders much, or a gap that no plan closes with discomfort tied to it. Within 5 working days.'
	},
	help: {
		name: 'Help',
		rule: 'Rule: something waits for you: equipment, a question, a call. Within 10 working days.'
	},
	home: { name: 'Home', rule: 'Rule: a plan that the household can carry out. Within 20 working days.' },
	settled: { name: 'Settled', rule: 'Rule: nothing stands open.' }
};
