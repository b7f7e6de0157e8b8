import type { Person } from '../../workstation/corner/corner';
import type { DiscomfortKind, RegionPart, RegionReport } from '../../cases/discomfort/report';
import type { Region } from '../../cases/discomfort/regions';
import { LEG_REGIONS, type FindingId } from './findings';
import type { ItemId } from './item-ids';

/** The side of the body on which a cause shows: the mouse arm, the other one, both, or any. */
type CauseSide = 'pointing' | 'other' | 'both' | 'any';

interface CauseRule {
	readonly regions: readonly Region[];
	readonly side: CauseSide;
	/** Kinds of discomfort it shows as; null for any. */
	readonly kinds: readonly DiscomfortKind[] | null;
	/** The part of the region where it shows; left out for any. */
	readonly part?: RegionPart;
	/** Findings that come with it; looked for first. */
	readonly findings: readonly FindingId[];
	/** Questions that reveal it; asked next if they were not answered. */
	readonly asks: readonly ItemId[];
}

const ARM = ['shoulder', 'elbow', 'wrist-hand'] as const;
const NUMB = ['tingling-or-numbness'] as const;

/** Where to look first for a complaint, by region, side and kind; the first match is shown as its reason. Common practice. */
export const CAUSES = {
	'hand-tingles': {
		regions: ['wrist-hand', 'elbow'],
		side: 'any',
		kinds: NUMB,
		findings: [
			'wrist-bent-up',
			'wrist-bent-sideways',
			'hard-edge',
			'palm-rest-while-typing',
			'keyboard-feet-out',
			'keys-too-high',
			'troubled-wrists'
		],
		asks: ['wrist', 'edge', 'palm-rest']
	},
	'leg-tingles': {
		regions: LEG_REGIONS,
		side: 'any',
		kinds: NUMB,
		findings: [
			'edge-behind-knee',
			'seat-too-high',
			'feet-hanging',
			'thigh-pressed',
			'crossed-legs',
			'footplates-off'
		],
		asks: ['behind-the-knee', 'whole-foot', 'crossed-legs']
	},
	thumb: {
		regions: ['wrist-hand'],
		side: 'any',
		kinds: null,
		part: 'thumb',
		findings: ['mouse-hand-tired', 'mouse-far', 'phone-in-lap', 'wrist-bent-sideways'],
		asks: ['pointing-hand', 'mouse-place', 'phone-reading']
	},
	'outer-elbow': {
		regions: ['elbow'],
		side: 'any',
		kinds: null,
		part: 'outer-side',
		findings: ['mouse-far', 'mouse-hand-tired', 'mouse-other-level', 'mouse-drifts', 'wrist-bent-up'],
		asks: ['mouse-place', 'pointing-hand', 'mouse-level']
	},
	'both-arms': {
		regions: ARM,
		side: 'both',
		kinds: null,
		findings: [
			'keys-too-high',
			'hard-edge',
			'armrest-too-high',
			'armrest-meets-table',
			'armrest-too-wide',
			'armrest-while-typing',
			'shoulders-raised',
			'keys-too-low'
		],
		asks: ['edge', 'armrest-place', 'shoulders']
	},
	'pointing-arm': {
		regions: ARM,
		side: 'pointing',
		kinds: null,
		findings: [
			'mouse-far',
			'mouse-other-level',
			'mouse-drifts',
			'mouse-hand-tired',
			'armrest-too-high',
			'armrest-too-wide',
			'armrest-while-typing'
		],
		asks: ['mouse-place', 'mouse-level', 'mouse-drift', 'armrest-place']
	},
	'other-arm': {
		regions: ARM,
		side: 'other',
		kinds: null,
		findings: [
			'phone-at-shoulder',
			'papers-flat',
			'screen-not-ahead',
			'second-screen-aside',
			'turns-head-only',
			'leans-to-one-side'
		],
		asks: ['phone', 'papers', 'ahead', 'main-screen']
	},
	'low-back': {
		regions: ['low-back'],
		side: 'any',
		kinds: null,
		findings: [
			'seat-too-low',
			'no-low-back-support',
			'no-backrest',
			'not-all-the-way-back',
			'feet-hanging',
			'seat-too-high',
			'bed-or-sofa'
		],
		asks: ['all-the-way-back', 'whole-foot']
	},
	// Before the neck: a headache under glare begins with the light.
	eyes: {
		regions: ['eyes', 'head'],
		side: 'any',
		kinds: null,
		findings: [
			'glare',
			'brightness',
			'window-ahead',
			'window-behind',
			'sun-on-screen',
			'screen-is-only-light',
			'screen-too-near',
			'screen-too-far',
			'text-too-small',
			'no-far-look',
			'dry-air',
			'eyes-untested'
		],
		asks: ['reflections', 'brightness', 'read-sitting-back', 'far-look', 'air']
	},
	neck: {
		regions: ['neck', 'head', 'eyes'],
		side: 'any',
		kinds: null,
		findings: [
			'screen-too-low',
			'screen-too-high',
			'head-tips-back',
			'laptop-alone',
			'papers-flat',
			'phone-at-shoulder',
			'phone-in-lap',
			'screen-too-near',
			'screen-too-far',
			'glare',
			'text-too-small',
			'second-screen-low',
			'screen-not-ahead'
		],
		// The phone is one of the habits everyone is asked about with their plan.
		asks: ['tips-head-back', 'papers', 'reflections', 'read-sitting-back']
	},
	'upper-back': {
		regions: ['upper-back'],
		side: 'any',
		kinds: null,
		findings: [
			'laptop-alone',
			'screen-too-low',
			'papers-flat',
			'keyboard-far',
			'shoulders-rolled',
			'screen-not-ahead',
			'no-backrest',
			'not-all-the-way-back',
			'mouse-far'
		],
		asks: ['shoulders', 'papers', 'all-the-way-back', 'ahead']
	},
	everywhere: {
		regions: [
			'neck',
			'shoulder',
			'elbow',
			'wrist-hand',
			'upper-back',
			'low-back',
			'hip-thigh',
			'knee',
			'ankle-foot'
		],
		side: 'any',
		kinds: null,
		findings: ['sits-long', 'stays-in-one-place', 'waits-for-pain', 'stands-still', 'long-on-soft-seat'],
		asks: ['get-up', 'weight-shift', 'signal']
	}
} as const satisfies Record<string, CauseRule>;

/** Id of a cause. */
export type CauseId = keyof typeof CAUSES;

/** Every cause, in the order of precedence. */
const CAUSE_IDS = Object.keys(CAUSES) as readonly CauseId[];

/** From this many sore regions, discomfort counts as widespread: no single thing at a desk causes that. Our assumption. */
const EVERYWHERE_FROM = 4;

/** A likely cause of some complaints. */
export interface LikelyCause {
	readonly cause: CauseId;
	/** The complaints that point to it, the worst first. */
	readonly reports: readonly RegionReport[];
	readonly worst: number;
}

/** Whether both sides of a region hurt, reported as one or as two. */
function isOnBoth(report: RegionReport, sore: readonly RegionReport[]): boolean {
	return (
		report.side === 'both' ||
		sore.some(({ region, side }) => region === report.region && side !== null && side !== report.side)
	);
}

function fits(
	rule: CauseRule,
	report: RegionReport,
	sore: readonly RegionReport[],
	hand: Person['hand']
): boolean {
	const { region, side, kinds, parts = [] } = report;
	const isBoth = isOnBoth(report, sore);
	const isOnSide =
		rule.side === 'any' ||
		(rule.side === 'both'
			? isBoth
			: side !== null && !isBoth && (side === hand) === (rule.side === 'pointing'));
	return (
		rule.regions.includes(region) &&
		isOnSide &&
		(rule.part === undefined || parts.includes(rule.part)) &&
		(rule.kinds === null || rule.kinds.some((kind) => kinds.includes(kind)))
	);
}

/**
 * The likely causes of some complaints, for the worst complaint first.
 * @param hand the mouse hand
 */
export function likelyCauses(reports: readonly RegionReport[], hand: Person['hand']): LikelyCause[] {
	const sore = reports.filter(({ worst }) => worst > 0);
	const isEverywhere = new Set(sore.map(({ region }) => region)).size >= EVERYWHERE_FROM;
	return CAUSE_IDS.flatMap((cause): LikelyCause[] => {
		if (cause === 'everywhere' && !isEverywhere) return [];
		const pointing = sore
			.filter((report) => fits(CAUSES[cause], report, sore, hand))
			.sort((a, b) => b.worst - a.worst);
		const [sorest] = pointing;
		return sorest ? [{ cause, reports: pointing, worst: sorest.worst }] : [];
	}).sort((a, b) => b.worst - a.worst);
}

/** The most likely cause that a finding belongs to; null where none does. */
export function causeOfFinding(finding: FindingId, causes: readonly LikelyCause[]): LikelyCause | null {
	return (
		causes.find(({ cause }) => (CAUSES[cause].findings as readonly FindingId[]).includes(finding)) ?? null
	);
}

/** Unanswered questions that would tell the likely causes apart, the most useful first. */
export function questionsToAsk(
	causes: readonly LikelyCause[],
	asked: readonly { readonly id: string }[],
	answered: (id: string) => boolean
): string[] {
	const open = new Set(asked.map(({ id }) => id).filter((id) => !answered(id)));
	const wanted = causes.flatMap(({ cause }) => CAUSES[cause].asks as readonly string[]);
	return [...new Set(wanted)].filter((id) => open.has(id));
}
