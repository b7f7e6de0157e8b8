import type { CheckId } from '../../workstation/checks/check-values';
import {
	USES_BACKREST,
	CAN_STAND_UP,
	LUMBAR_IS_SUPPORTED,
	IN_A_WHEELCHAIR,
	KEYBOARD_IS_CLOSE,
	ON_A_SOFT_SEAT
} from '../../plan/conditions/fact-groups';
import type { FactCondition } from '../../plan/conditions/fact-condition';
import type { Region } from '../../cases/discomfort/regions';
import type { ChecklistCaution, HouseholdFix, PurchaseFix } from './fixes';
import { stationOfOwnId, type OwnId } from './own-ids';
import type { OwnParts } from './own-parts';
import type { ChecklistStation } from './stations';

/** What a finding rests on, is tied to and leads to. */
export interface FindingRule {
	readonly station: ChecklistStation;
	/** Regions that it is known to affect: where one is reported, the finding comes first in its station. */
	readonly regions: readonly Region[];
	readonly household: readonly HouseholdFix[];
	readonly shop: readonly PurchaseFix[];
	readonly cautions: readonly ChecklistCaution[];
	/** For whom it is a fault at all: what is wrong in one sitting style may be right in another. */
	readonly holds: FactCondition;
	/** The height check behind it: where the plan brings that into range, it closes this finding too. */
	readonly closedBy: CheckId | null;
}

function rule(
	station: ChecklistStation,
	regions: readonly Region[],
	household: readonly HouseholdFix[],
	shop: readonly PurchaseFix[] = [],
	cautions: readonly ChecklistCaution[] = [],
	{ holds = {}, closedBy = null }: Partial<Pick<FindingRule, 'holds' | 'closedBy'>> = {}
): FindingRule {
	return { station, regions, household, shop, cautions, holds, closedBy };
}

const NECK_AND_SHOULDERS = ['neck', 'shoulder'] as const;
/** Regions of the legs. */
export const LEG_REGIONS = ['hip-thigh', 'knee', 'ankle-foot'] as const;
const STACK = ['stable-stack'] as const;

/**
 * Every possible finding, by station from the floor up. Which finding goes with which complaint, and what is done about it: common
 * practice.
 */
const FINDINGS = {
	'bed-or-sofa': rule(
		'spot',
		['neck', 'low-back', 'upper-back'],
		['move-to-table', 'half-hour-on-soft-seat'],
		[],
		['half-hour']
	),
	'no-fixed-place': rule('spot', ['neck', 'low-back'], ['one-fixed-spot']),
	'on-walkway': rule('spot', [], ['turn-out-of-walkway']),
	'far-from-socket': rule('spot', [], ['move-near-socket'], ['power-strip'], ['electricity']),
	noisy: rule('spot', ['head'], ['quieter-room', 'headphones-over-ears'], ['headset']),
	'shallow-desk': rule('spot', ['eyes', 'neck'], ['screen-over-the-edge'], ['another-surface'], STACK),
	'window-ahead': rule('spot', ['eyes', 'head'], ['turn-desk', 'draw-curtain']),
	'window-behind': rule('spot', ['eyes', 'head', 'neck'], ['turn-desk', 'draw-curtain']),
	'sun-on-screen': rule('spot', ['eyes', 'head'], ['draw-curtain', 'turn-desk']),

	'ball-chair': rule('feet', ['low-back'], ['middle-of-the-ball', 'chair-with-a-back']),
	'seat-too-high': rule(
		'feet',
		['low-back', ...LEG_REGIONS],
		[],
		['footrest'],
		['stable-stack', 'nobody-on-stack', 'no-castors']
	),
	'seat-too-low': rule('feet', ['low-back', 'hip-thigh', 'knee'], [], ['seat-cushion'], ['thin-padding']),
	'feet-hanging': rule(
		'feet',
		['low-back', ...LEG_REGIONS],
		['stack-under-feet'],
		['footrest'],
		['stable-stack', 'nobody-on-stack'],
		{ closedBy: 'knee' }
	),
	'footplates-off': rule('feet', LEG_REGIONS, ['back-on-the-plates'], [], ['fitted-chair']),
	'thigh-pressed': rule('feet', ['hip-thigh', 'low-back'], [], ['another-surface']),
	'edge-behind-knee': rule('feet', LEG_REGIONS, ['fill-behind-back'], ['seat-cushion'], ['thin-padding']),
	'thigh-unsupported': rule('feet', ['hip-thigh', 'low-back'], [], ['chair'], [], { holds: USES_BACKREST }),
	'crossed-legs': rule('feet', ['hip-thigh', 'low-back', 'knee'], ['get-up']),

	'no-backrest': rule('back', ['low-back', 'upper-back'], ['chair-with-a-back'], ['chair']),
	'not-all-the-way-back': rule(
		'back',
		['low-back', 'upper-back'],
		['sit-all-the-way-back', 'fill-behind-back'],
		[],
		[],
		{ holds: USES_BACKREST }
	),
	'no-low-back-support': rule('back', ['low-back'], ['rolled-towel', 'jacket-with-pocket'], ['chair'], [], {
		holds: LUMBAR_IS_SUPPORTED
	}),
	'shoulders-rolled': rule(
		'back',
		['neck', 'shoulder', 'upper-back'],
		['shoulders-down', 'rolled-towel'],
		[],
		['stop-at-pain']
	),
	'shoulders-raised': rule('back', NECK_AND_SHOULDERS, ['shoulders-down'], [], [], {
		closedBy: 'elbow'
	}),
	'leans-to-one-side': rule('back', ['low-back', 'neck', 'shoulder'], ['sit-in-the-middle']),
	'neck-unsupported': rule('back', ['neck'], ['roll-behind-neck']),

	'keys-too-high': rule(
		'hands',
		['neck', 'shoulder', 'elbow', 'wrist-hand'],
		[],
		['keyboard-and-mouse', 'another-surface'],
		['thin-padding']
	),
	'keys-too-low': rule(
		'hands',
		['neck', 'shoulder', 'low-back', 'wrist-hand'],
		[],
		['another-surface'],
		STACK
	),
	'armrest-too-high': rule('hands', NECK_AND_SHOULDERS, ['take-armrests-off', 'ask-the-fitter'], ['chair']),
	'armrest-too-low': rule('hands', ['shoulder', 'low-back'], ['pad-armrest']),
	'armrest-meets-table': rule(
		'hands',
		['neck', 'shoulder', 'low-back'],
		['table-over-armrests', 'take-armrests-off'],
		['chair']
	),
	'armrest-too-wide': rule('hands', NECK_AND_SHOULDERS, ['armrests-in'], ['chair']),
	'armrest-while-typing': rule('hands', ['shoulder', 'elbow'], ['rest-in-pauses'], [], [], {
		holds: { way: ['upright', 'active'] }
	}),
	'troubled-wrists': rule(
		'hands',
		['wrist-hand', 'elbow'],
		['towel-over-edge', 'keyboard-feet-in'],
		[],
		['clinician-first'],
		{ holds: { wrists: ['troubled'] } }
	),
	'wrist-bent-up': rule(
		'hands',
		['wrist-hand', 'elbow'],
		['keyboard-feet-in', 'shoulders-down'],
		[],
		['clinician-first']
	),
	'wrist-bent-sideways': rule(
		'hands',
		['wrist-hand', 'elbow'],
		['mouse-beside-keyboard'],
		['keyboard-and-mouse']
	),
	'hard-edge': rule('hands', ['wrist-hand', 'elbow'], ['towel-over-edge']),
	'keyboard-feet-out': rule('hands', ['wrist-hand'], ['keyboard-feet-in']),
	'palm-rest-while-typing': rule('hands', ['wrist-hand'], ['rest-in-pauses']),
	'keyboard-far': rule('hands', ['shoulder', 'upper-back', 'neck'], ['keys-nearer'], [], [], {
		// With forearms resting on the table, the keyboard is pushed back on purpose.
		holds: KEYBOARD_IS_CLOSE
	}),
	'looks-at-keys': rule('hands', ['neck', 'eyes'], ['light-on-keys']),

	'mouse-far': rule('mouse', ['shoulder', 'elbow', 'wrist-hand', 'neck'], ['mouse-beside-keyboard']),
	'mouse-other-level': rule('mouse', ['shoulder', 'wrist-hand'], ['stack-under-mouse'], [], STACK),
	'mouse-drifts': rule('mouse', ['shoulder', 'elbow'], ['tape-a-square']),
	'mouse-hand-tired': rule(
		'mouse',
		['wrist-hand', 'elbow', 'shoulder'],
		['change-mouse-hand', 'rest-in-pauses'],
		['vertical-mouse'],
		['clinician-first']
	),

	'laptop-alone': rule(
		'screen',
		['neck', 'shoulder', 'upper-back', 'wrist-hand'],
		['half-height-half-hour'],
		['keyboard-and-mouse'],
		['half-hour', 'vents']
	),
	'screen-too-low': rule(
		'screen',
		['neck', 'upper-back', 'head'],
		[],
		['keyboard-and-mouse', 'monitor'],
		['stable-stack', 'never-under-screen', 'vents']
	),
	'screen-too-high': rule('screen', ['neck', 'eyes'], [], ['monitor']),
	'screen-too-near': rule(
		'screen',
		['eyes', 'head'],
		['move-screen-away', 'screen-over-the-edge'],
		['another-surface']
	),
	'screen-too-far': rule('screen', ['eyes', 'neck', 'head'], ['move-screen-nearer', 'enlarge-text']),
	'text-too-small': rule('screen', ['eyes', 'head', 'neck'], ['enlarge-text', 'optician']),
	'screen-not-ahead': rule(
		'screen',
		['neck', 'upper-back', 'shoulder', 'low-back'],
		['screen-straight-ahead']
	),
	'second-screen-aside': rule(
		'screen',
		['neck', 'shoulder'],
		['screen-straight-ahead', 'turn-with-the-body']
	),
	'second-screen-low': rule(
		'screen',
		['neck', 'upper-back'],
		['raise-second-screen'],
		[],
		['stable-stack', 'never-under-screen', 'vents']
	),
	'turns-head-only': rule('screen', ['neck', 'upper-back'], ['turn-with-the-body']),
	'screen-tilt': rule('screen', ['neck', 'eyes'], ['tilt-screen']),
	'head-tips-back': rule('screen', ['neck', 'head'], ['lower-and-lean-back', 'optician'], [], [], {
		closedBy: 'eye'
	}),
	glare: rule('screen', ['eyes', 'head', 'neck'], ['turn-desk', 'draw-curtain', 'tilt-screen']),
	brightness: rule('screen', ['eyes', 'head'], ['match-brightness']),
	'eyes-untested': rule('screen', ['eyes', 'head'], ['enlarge-text', 'optician']),

	'lamp-side': rule('light', ['eyes'], ['lamp-other-side'], ['desk-lamp']),
	'screen-is-only-light': rule(
		'light',
		['eyes', 'head'],
		['light-the-room', 'match-brightness'],
		['desk-lamp']
	),
	'cold-evening-light': rule('light', ['eyes', 'head'], ['warmer-in-the-evening']),
	'dry-air': rule('light', ['eyes', 'head'], ['turn-draught-away', 'look-far']),
	'papers-flat': rule('light', ['neck', 'upper-back'], ['paper-stand'], ['paper-holder']),

	'phone-at-shoulder': rule('sound', NECK_AND_SHOULDERS, ['loudspeaker', 'walk-calls'], ['headset']),
	'phone-on-writing-side': rule('sound', NECK_AND_SHOULDERS, ['phone-on-other-side']),
	'always-one-ear': rule('sound', ['neck', 'head'], ['change-ears'], ['headset']),
	'phone-in-lap': rule('sound', ['neck', 'upper-back'], ['raise-the-phone']),
	'headphones-in-ear': rule('sound', ['head'], ['headphones-over-ears', 'quieter-room'], ['headset']),

	'cables-in-the-way': rule('safety', [], ['cables-to-the-wall'], [], ['electricity']),
	'chained-strips': rule('safety', [], ['one-strip-one-socket'], ['power-strip'], ['electricity']),
	'stack-wobbles': rule(
		'safety',
		[],
		['rebuild-wider'],
		[],
		['stable-stack', 'nobody-on-stack', 'no-castors']
	),
	'vents-covered': rule('safety', [], ['vents-free'], [], ['vents']),
	'unwiped-keys': rule('safety', [], ['wipe-keys']),

	'no-second-posture': rule(
		'second',
		['low-back', 'hip-thigh', 'upper-back'],
		['standing-spot', 'change-over'],
		['sit-stand-converter'],
		['standing-still', 'stable-stack'],
		{ holds: CAN_STAND_UP }
	),
	'stands-still': rule(
		'second',
		['low-back', ...LEG_REGIONS],
		['change-over', 'split-stance'],
		[],
		['standing-still']
	),
	'weight-on-one-leg': rule('second', ['low-back', ...LEG_REGIONS], ['split-stance', 'knee-on-a-stool']),
	'knees-locked': rule('second', ['low-back', ...LEG_REGIONS], ['soften-knees', 'split-stance']),

	'sits-long': rule(
		'moving',
		['low-back', 'upper-back', 'neck', 'shoulder', 'hip-thigh'],
		['break-plan', 'get-up'],
		[],
		['stop-at-pain'],
		{ holds: CAN_STAND_UP }
	),
	'stays-in-one-place': rule(
		'moving',
		['low-back', 'hip-thigh', 'shoulder'],
		['shift-weight', 'break-plan'],
		[],
		['stop-at-pain', 'fitted-chair'],
		{ holds: IN_A_WHEELCHAIR }
	),
	'long-on-soft-seat': rule(
		'moving',
		['neck', 'low-back', 'upper-back'],
		['break-plan', 'get-up'],
		[],
		['half-hour'],
		{ holds: ON_A_SOFT_SEAT }
	),
	'no-far-look': rule('moving', ['eyes', 'head'], ['look-far']),
	'calls-seated': rule('moving', ['low-back', 'hip-thigh'], ['walk-calls'], [], [], { holds: CAN_STAND_UP }),
	'waits-for-pain': rule(
		'moving',
		['neck', 'shoulder', 'low-back'],
		['move-before-it-hurts'],
		[],
		['stop-at-pain']
	)
} as const satisfies Record<string, FindingRule>;

/** Id of a finding that the software comes with. */
export type ShippedFindingId = keyof typeof FINDINGS;

/** Id of a finding: one that the software comes with, or one that an organisation has added. */
export type FindingId = ShippedFindingId | OwnId;

/** Every finding that the software comes with, in the order of its station. */
export const FINDING_IDS = Object.keys(FINDINGS) as readonly ShippedFindingId[];

const isShipped = (id: FindingId): id is ShippedFindingId => Object.hasOwn(FINDINGS, id);

/**
 * The rule of a finding.
 * @param own what the organisation has added to the checklist; without it, only the station of an added finding is known
 */
export function findingRule(id: FindingId, own?: Pick<OwnParts, 'findings'>): FindingRule {
	if (isShipped(id)) return FINDINGS[id];
	const { regions = [], household = [], shop = [] } = own?.findings[id] ?? {};
	return rule(stationOfOwnId(id) ?? 'safety', regions, household, shop);
}

/** The regions that a finding is tied to. */
export function regionsOfFinding(id: FindingId, own?: Pick<OwnParts, 'findings'>): readonly Region[] {
	return findingRule(id, own).regions;
}
