import type { Region } from '../discomfort';
import type { ChecklistCaution, HouseholdFix, ShopFix } from './fixes';
import type { WalkStation } from './stations';

/** What a finding rests on, is tied to, and leads to. */
export interface FindingRule {
	readonly station: WalkStation;
	/** Regions that it is known to make sore: where one is reported, this comes first in its station. */
	readonly regions: readonly Region[];
	readonly household: readonly HouseholdFix[];
	readonly shop: readonly ShopFix[];
	readonly cautions: readonly ChecklistCaution[];
}

function rule(
	station: WalkStation,
	regions: readonly Region[],
	household: readonly HouseholdFix[],
	shop: readonly ShopFix[] = [],
	cautions: readonly ChecklistCaution[] = []
): FindingRule {
	return { station, regions, household, shop, cautions };
}

const NECK_AND_SHOULDERS = ['neck', 'shoulder'] as const;
const LEGS = ['hip-thigh', 'knee', 'ankle-foot'] as const;
const STACK = ['stable-stack'] as const;

/**
 * Everything that can be found, in the order of its station from the floor up. Which finding goes with which complaint,
 * and what is done about it: common practice.
 */
export const FINDINGS = {
	'bed-or-sofa': rule('spot', ['neck', 'low-back', 'upper-back'], ['move-to-table']),
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
		['low-back', ...LEGS],
		['stack-under-feet', 'slope-of-books', 'pads-off-seat'],
		['footrest'],
		['stable-stack', 'nobody-on-stack', 'no-castors']
	),
	'seat-too-low': rule(
		'feet',
		['low-back', 'hip-thigh', 'knee'],
		['pads-on-seat'],
		['seat-cushion'],
		['thin-padding']
	),
	'feet-hanging': rule(
		'feet',
		['low-back', ...LEGS],
		['stack-under-feet', 'slope-of-books'],
		['footrest'],
		['stable-stack', 'nobody-on-stack']
	),
	'thigh-pressed': rule(
		'feet',
		['hip-thigh', 'low-back'],
		['pads-off-seat', 'blocks-under-table'],
		['another-surface'],
		STACK
	),
	'edge-behind-knee': rule(
		'feet',
		LEGS,
		['fill-behind-back', 'stack-under-feet'],
		['seat-cushion'],
		['thin-padding']
	),
	'thigh-unsupported': rule('feet', ['hip-thigh', 'low-back'], ['sit-all-the-way-back'], ['chair']),
	'crossed-legs': rule('feet', ['hip-thigh', 'low-back', 'knee'], ['get-up', 'stack-under-feet']),

	'no-backrest': rule('back', ['low-back', 'upper-back'], ['chair-with-a-back'], ['chair']),
	'not-all-the-way-back': rule(
		'back',
		['low-back', 'upper-back'],
		['sit-all-the-way-back', 'fill-behind-back']
	),
	'no-low-back-support': rule('back', ['low-back'], ['rolled-towel', 'jacket-with-pocket'], ['chair']),
	'shoulders-rolled': rule(
		'back',
		['neck', 'shoulder', 'upper-back'],
		['shoulders-down', 'rolled-towel'],
		[],
		['stop-at-pain']
	),
	'shoulders-raised': rule('back', NECK_AND_SHOULDERS, ['shoulders-down', 'raise-seat-feed-feet']),
	'leans-to-one-side': rule('back', ['low-back', 'neck', 'shoulder'], ['sit-in-the-middle', 'pad-armrest']),
	'neck-unsupported': rule('back', ['neck'], ['roll-behind-neck']),

	'keys-too-high': rule(
		'hands',
		['neck', 'shoulder', 'elbow', 'wrist-hand'],
		['raise-seat-feed-feet'],
		['keyboard-and-mouse', 'another-surface'],
		['thin-padding']
	),
	'keys-too-low': rule(
		'hands',
		['neck', 'shoulder', 'low-back', 'wrist-hand'],
		['stack-under-keys', 'pads-off-seat'],
		['another-surface'],
		STACK
	),
	'armrest-too-high': rule('hands', NECK_AND_SHOULDERS, ['take-armrests-off', 'pads-on-seat'], ['chair']),
	'armrest-too-low': rule('hands', ['shoulder', 'low-back'], ['pad-armrest']),
	'armrest-meets-table': rule(
		'hands',
		['neck', 'shoulder', 'low-back'],
		['take-armrests-off', 'pads-off-seat'],
		['chair']
	),
	'armrest-while-typing': rule('hands', ['shoulder', 'elbow'], ['rest-in-pauses']),
	'wrist-bent-up': rule(
		'hands',
		['wrist-hand', 'elbow'],
		['keyboard-feet-in', 'raise-seat-feed-feet', 'binder-under-keyboard'],
		[],
		['clinician-first']
	),
	'wrist-bent-sideways': rule(
		'hands',
		['wrist-hand', 'elbow'],
		['mouse-beside-keyboard'],
		['keyboard-and-mouse']
	),
	'hard-edge': rule('hands', ['wrist-hand', 'elbow'], ['towel-over-edge', 'raise-seat-feed-feet']),
	'keyboard-feet-out': rule('hands', ['wrist-hand'], ['keyboard-feet-in', 'binder-under-keyboard']),
	'palm-rest-while-typing': rule('hands', ['wrist-hand'], ['rest-in-pauses']),
	'keyboard-far': rule('hands', ['shoulder', 'upper-back', 'neck'], ['mouse-beside-keyboard']),
	'looks-at-keys': rule('hands', ['neck', 'eyes'], ['light-on-keys', 'tilt-screen']),

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
		['half-height-half-hour', 'stack-under-screen'],
		['keyboard-and-mouse'],
		['half-hour', 'vents']
	),
	'screen-too-low': rule(
		'screen',
		['neck', 'upper-back', 'head'],
		['stack-under-screen'],
		['keyboard-and-mouse', 'monitor'],
		['stable-stack', 'never-under-screen', 'vents']
	),
	'screen-too-high': rule('screen', ['neck', 'eyes'], ['take-from-stack', 'tilt-screen'], ['monitor']),
	'screen-too-near': rule(
		'screen',
		['eyes', 'head'],
		['move-screen', 'screen-over-the-edge'],
		['another-surface']
	),
	'screen-too-far': rule('screen', ['eyes', 'neck', 'head'], ['move-screen', 'enlarge-text']),
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
	'screen-tilt': rule('screen', ['neck', 'eyes'], ['tilt-screen']),
	'head-tips-back': rule('screen', ['neck', 'head'], ['lower-and-lean-back', 'optician']),
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
	'papers-flat': rule('light', ['neck', 'upper-back'], ['paper-stand'], ['paper-holder']),

	'phone-at-shoulder': rule('sound', NECK_AND_SHOULDERS, ['loudspeaker', 'walk-calls'], ['headset']),
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
		['standing-still', 'stable-stack']
	),
	'stands-still': rule(
		'second',
		['low-back', ...LEGS],
		['change-over', 'split-stance'],
		[],
		['standing-still']
	),
	'weight-on-one-leg': rule('second', ['low-back', ...LEGS], ['split-stance', 'change-over']),

	'sits-long': rule(
		'moving',
		['low-back', 'upper-back', 'neck', 'shoulder', 'hip-thigh'],
		['break-plan', 'get-up'],
		[],
		['stop-at-pain']
	),
	'no-far-look': rule('moving', ['eyes', 'head'], ['look-far']),
	'calls-seated': rule('moving', ['low-back', 'hip-thigh'], ['walk-calls']),
	'waits-for-pain': rule(
		'moving',
		['neck', 'shoulder', 'low-back'],
		['move-before-it-hurts'],
		[],
		['stop-at-pain']
	)
} as const satisfies Record<string, FindingRule>;

/** Name of something that can be found. */
export type FindingId = keyof typeof FINDINGS;

/** Every finding, in the order of its station. */
export const FINDING_IDS = Object.keys(FINDINGS) as readonly FindingId[];

/** The rule of a finding. */
export function findingRule(id: FindingId): FindingRule {
	return FINDINGS[id];
}

/** The regions that a finding is tied to. */
export function regionsOf(id: FindingId): readonly Region[] {
	return FINDINGS[id].regions;
}
