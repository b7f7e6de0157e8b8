import { describe, expect, it } from 'vitest';
import type { ChecklistAnswers } from '$lib/core/questionnaire/checklist/checklist';
import type { Corner, HouseholdItem, Seat } from '$lib/core/workstation/corner/corner';
import type { DiscomfortKind, RegionReport } from '$lib/core/cases/discomfort/report';
import type { Region } from '$lib/core/cases/discomfort/regions';
import { whatIsTold } from '../support/what-is-told';

/** What is in the house where nothing else is said. */
const HOUSE: readonly HouseholdItem[] = [
	{ id: 'b', kind: 'book', label: 'hardback', size: [300, 230, 35], count: 4 },
	{ id: 'r', kind: 'ream', label: 'paper', size: [297, 210, 52], count: 2 },
	{ id: 'c', kind: 'sturdy-box', label: 'crate', size: [420, 310, 150] },
	{ id: 'p', kind: 'pillow', label: 'pillow', size: [700, 450, 140] },
	{ id: 't', kind: 'towel', label: 'towel', size: [1400, 700, 5], count: 2 }
];

/** A chair as most are: with a back that fills the hollow of the low back. */
const CHAIR: Seat = {
	kind: 'chair',
	height: 455,
	give: 20,
	range: null,
	depth: 420,
	backrest: true,
	lumbar: true,
	armrest: null,
	castors: false
};

/** Someone of 1.68 m, measured with a tape, at a corner that fits in everything. */
const FITS: Corner = {
	format: 'easy-corner.corner/2',
	person: {
		stature: 1680,
		sex: 'female',
		heel: 10,
		hand: 'right',
		lenses: 'none',
		back: 'any',
		wrists: 'well'
	},
	body: {
		popliteal: { mm: 418, by: 'tape' },
		sittingElbow: { mm: 290, by: 'tape' },
		sittingEye: { mm: 765, by: 'tape' },
		thigh: { mm: 150, by: 'tape' },
		buttockPopliteal: { mm: 475, by: 'tape' },
		standingElbow: { mm: 1040, by: 'tape' },
		standingEye: { mm: 1570, by: 'tape' }
	},
	way: 'upright',
	spot: {
		posture: 'sitting',
		by: 'tape',
		surface: { height: 695, thickness: 25, depth: 800, range: null },
		seat: CHAIR,
		screen: {
			kind: 'monitor',
			topAboveBase: 480,
			visibleHeight: 300,
			base: [240, 200],
			range: null,
			distance: 620
		},
		keys: { kind: 'separate', homeRow: 18, base: [430, 130] },
		mouse: 'separate'
	},
	household: HOUSE
};

interface Change {
	readonly person?: Partial<Corner['person']>;
	readonly way?: Corner['way'];
	readonly seat?: Partial<Seat>;
	readonly surface?: Partial<Corner['spot']['surface']>;
	readonly screen?: Partial<Corner['spot']['screen']>;
	readonly keys?: Partial<Corner['spot']['keys']>;
	readonly mouse?: Corner['spot']['mouse'];
	readonly standing?: boolean;
	readonly body?: Corner['body'];
	readonly house?: readonly HouseholdItem[];
}

function cornerWith(change: Change): Corner {
	const { spot } = FITS;
	const standing = change.standing ?? false;
	return {
		...FITS,
		person: { ...FITS.person, ...change.person },
		body: { ...FITS.body, ...change.body },
		way: change.way ?? FITS.way,
		household: change.house ?? HOUSE,
		spot: {
			...spot,
			posture: standing ? 'standing' : 'sitting',
			surface: { ...spot.surface, ...change.surface },
			seat: standing ? null : seatOf({ ...CHAIR, ...change.seat }),
			screen: { ...spot.screen, ...change.screen },
			keys: { ...spot.keys, ...change.keys },
			mouse: change.mouse ?? spot.mouse
		}
	};
}

/** Seats that are no chairs have neither a depth nor a back that is asked for. */
function seatOf(seat: Seat): Seat {
	if (seat.kind === 'chair') return seat;
	const { depth: _depth, backrest: _backrest, range: _range, ...other } = seat;
	return { ...other, lumbar: false };
}

const sore = (
	region: Region,
	side: RegionReport['side'] = null,
	kind: DiscomfortKind = 'ache',
	worst = 4
): RegionReport => ({ region, side, worst, days: 4, hinders: 'a-little', kinds: [kind] });

const LAPTOP = {
	kind: 'laptop',
	topAboveBase: 215,
	visibleHeight: 190,
	base: [325, 225],
	distance: 560
} as const;
const LOW_LENSES = { lenses: 'progressive' } as const;

/** Who and what; what is other than at the corner that fits; answers; complaints; what comes first: steps of the plan, then findings. */
type Case = readonly [
	who: string,
	change: Change,
	checks: ChecklistAnswers,
	reports: readonly RegionReport[],
	first: readonly string[]
];

/** This person, this corner: these three things first. Common practice. */
const TABLE: readonly Case[] = [
	['everything fits: nothing', {}, {}, [], []],

	// Heights, from the floor up.
	[
		'a dining table 6 cm too high, a chair that moves: seat, then feet',
		{ surface: { height: 755 }, seat: { range: [410, 530] }, screen: { topAboveBase: 470 } },
		{},
		[],
		['step:seat', 'step:feet', 'step:keys']
	],
	[
		'the same with a rigid chair: pads, then feet',
		{ surface: { height: 755 } },
		{},
		[],
		['step:seat', 'step:feet', 'step:keys']
	],
	[
		'a short person whose feet hang: something under the feet',
		{ body: { popliteal: { mm: 370, by: 'tape' } } },
		{ 'whole-foot': 'hanging' },
		[],
		['step:feet', 'step:keys']
	],
	[
		'a laptop with its own keyboard: up with it, then its distance',
		{ screen: LAPTOP },
		{},
		[],
		['step:keys', 'step:screen', 'step:distance']
	],
	[
		'a monitor that moves, too high for progressive lenses: lower, then lean it back',
		{ person: LOW_LENSES, screen: { topAboveBase: 545, range: [380, 560] } },
		{},
		[],
		['step:keys', 'step:screen', 'step:tilt']
	],
	[
		'a desk that moves, too low: the surface first',
		{ surface: { height: 640, range: [620, 760] }, screen: { topAboveBase: 470 } },
		{},
		[],
		['step:surface', 'step:keys']
	],
	[
		'a keyboard too low at a worktop: a stack for keys and mouse',
		{ standing: true, surface: { height: 925 }, screen: { topAboveBase: 645 }, keys: { base: [390, 130] } },
		{},
		[],
		['step:keys', 'step:mouse']
	],
	[
		'a laptop too low at a worktop',
		{ standing: true, surface: { height: 1000 }, screen: LAPTOP },
		{},
		[],
		['step:keys', 'step:screen', 'step:distance']
	],
	[
		'nothing in the house for a low screen: told, and nothing to build',
		{ screen: { topAboveBase: 330 }, house: [] },
		{},
		[],
		[]
	],

	// The seat and its kinds.
	[
		'a wheelchair at a table too low: the table and the keys, never seat or feet',
		{
			seat: { kind: 'wheelchair' },
			surface: { height: 640, range: [620, 760] },
			screen: { topAboveBase: 470 }
		},
		{},
		[],
		['step:surface', 'step:keys']
	],
	[
		'a wheelchair whose armrests bump into the table: room under it',
		{ seat: { kind: 'wheelchair', armrest: 240 } },
		{},
		[],
		['armrest-meets-table']
	],
	[
		'a wheelchair, feet off the plates, little moving',
		{ seat: { kind: 'wheelchair' } },
		{ footplates: 'slide-off', 'weight-shift': 'seldom' },
		[],
		['footplates-off', 'stays-in-one-place']
	],
	[
		'a sofa: another spot before all else',
		{ seat: { kind: 'sofa' } },
		{ 'soft-seat-hours': 'longer' },
		[],
		['bed-or-sofa', 'long-on-soft-seat']
	],
	['a bed: the same', { seat: { kind: 'bed' } }, {}, [], ['bed-or-sofa']],
	[
		'a bed and a sore neck',
		{ seat: { kind: 'bed' }, screen: { distance: 420 } },
		{},
		[sore('neck')],
		['screen-too-near', 'bed-or-sofa']
	],
	[
		'a ball for hours: nothing supports the back either',
		{ seat: { kind: 'ball' } },
		{ 'ball-hours': 'longer' },
		[],
		['ball-chair', 'no-backrest']
	],
	['a stool', { seat: { kind: 'stool' } }, {}, [], ['no-backrest']],
	[
		'a seat too deep: fill behind the back',
		{ seat: { depth: 480 }, house: [] },
		{},
		[],
		['edge-behind-knee']
	],
	['a seat too short: nothing about sliding back', { seat: { depth: 330 } }, {}, [], ['thigh-unsupported']],
	[
		'a chair without lumbar curve and no towel',
		{ seat: { lumbar: false }, house: [] },
		{},
		[],
		['no-low-back-support']
	],
	[
		'the same for a back that is eased by rounding: no roll',
		{
			seat: { lumbar: false, height: 438 },
			person: { back: 'eased-by-rounding' },
			surface: { height: 680 },
			screen: { topAboveBase: 478 }
		},
		{},
		[],
		[]
	],
	[
		'the same on the front of the seat',
		{ seat: { lumbar: false, height: 488 }, way: 'active', surface: { height: 728 } },
		{},
		[],
		[]
	],
	[
		'armrests that lift the shoulders',
		{ seat: { armrest: 300 } },
		{},
		[],
		['armrest-too-high', 'armrest-meets-table']
	],
	[
		'armrests far apart, and as high as the table',
		{ seat: { armrest: 260 }, surface: { thickness: 20, height: 700 }, keys: { homeRow: 14 } },
		{ 'armrest-place': 'out-to-the-side' },
		[],
		['armrest-meets-table', 'armrest-too-wide']
	],
	[
		'typing on the armrests, upright school: for the pauses',
		{ seat: { armrest: 200 } },
		{ 'armrest-use': 'while-typing' },
		[],
		['armrest-too-low', 'armrest-while-typing']
	],
	[
		'typing on the armrests, open school: its way; what is wrong is their height',
		{ way: 'open', seat: { armrest: 200 }, surface: { height: 620 }, screen: { topAboveBase: 555 } },
		{ 'armrest-use': 'while-typing' },
		[],
		['armrest-too-low', 'armrest-meets-table']
	],

	// Side and kind of a complaint.
	[
		'the pointing arm aches, the mouse far: mouse first',
		{},
		{ 'mouse-place': 'arm-stretched', walkway: 'people-pass' },
		[sore('shoulder', 'right')],
		['mouse-far', 'on-walkway']
	],
	[
		'the other arm aches: phone and papers first, the mouse after',
		{},
		{ 'mouse-place': 'arm-stretched', phone: 'between-ear-and-shoulder', papers: 'flat' },
		[sore('shoulder', 'left')],
		['papers-flat', 'phone-at-shoulder', 'mouse-far']
	],
	[
		'a left-handed person whose left arm aches: mouse first',
		{ person: { hand: 'left' } },
		{ 'mouse-drift': 'drifts', papers: 'flat' },
		[sore('elbow', 'left')],
		['mouse-drifts', 'papers-flat']
	],
	[
		'a hand that tingles: wrist and edge before the mouse',
		{},
		{ wrist: 'up', edge: 'presses', 'mouse-place': 'arm-stretched' },
		[sore('wrist-hand', 'right', 'tingling-or-numbness')],
		['wrist-bent-up', 'hard-edge', 'mouse-far']
	],
	[
		'the same ache without tingling: the mouse first',
		{},
		{ wrist: 'up', edge: 'presses', 'mouse-place': 'arm-stretched' },
		[sore('wrist-hand', 'right')],
		['mouse-far', 'wrist-bent-up', 'hard-edge']
	],
	[
		'a palm rest leaned on, fingers that tingle',
		{},
		{ 'palm-rest': 'while-typing', cables: 'at-the-feet' },
		[sore('wrist-hand', 'left', 'tingling-or-numbness')],
		['palm-rest-while-typing', 'cables-in-the-way']
	],
	[
		'a leg that tingles: the seat’s edge',
		{},
		{ 'behind-the-knee': 'touches', walkway: 'people-pass' },
		[sore('hip-thigh', 'left', 'tingling-or-numbness')],
		['edge-behind-knee', 'on-walkway']
	],
	[
		'a leg that tingles, legs crossed',
		{},
		{ 'crossed-legs': 'often', socket: 'across-the-room' },
		[sore('knee', 'right', 'tingling-or-numbness')],
		['crossed-legs', 'far-from-socket']
	],
	[
		'a low back that aches, front of the seat',
		{},
		{ 'all-the-way-back': 'front-of-the-seat', walkway: 'people-pass' },
		[sore('low-back')],
		['not-all-the-way-back', 'on-walkway']
	],
	[
		'a low back that aches on a stool',
		{ seat: { kind: 'stool' } },
		{ walkway: 'people-pass' },
		[sore('low-back')],
		['no-backrest', 'on-walkway']
	],
	[
		'a sore neck, reflections and text too small',
		{},
		{ reflections: 'some', 'read-sitting-back': 'lean-in', walkway: 'people-pass' },
		[sore('neck')],
		['text-too-small', 'glare', 'on-walkway']
	],
	[
		'sore eyes, a screen too close',
		{ screen: { distance: 420 } },
		{ walkway: 'people-pass' },
		[sore('eyes', null, 'tired-or-dry-eyes')],
		['screen-too-near', 'on-walkway']
	],
	[
		'a sore neck, a laptop flat beside the screen',
		{},
		{ screens: 'two', 'second-kind': 'laptop-flat', quiet: 'often-disturbed' },
		[sore('neck')],
		['second-screen-low', 'noisy']
	],
	[
		'it hurts in many places: moving first',
		{},
		{ 'get-up': 'seldom', walkway: 'people-pass' },
		[
			sore('neck', null, 'stiffness', 2),
			sore('upper-back', null, 'stiffness', 5),
			sore('hip-thigh', 'left', 'stiffness', 2),
			sore('knee', 'right', 'stiffness', 2)
		],
		['sits-long', 'on-walkway']
	],
	[
		'both shoulders ache: edge and armrests before the mouse, and before anything general',
		{},
		{ 'mouse-place': 'arm-stretched', edge: 'presses', signal: 'when-it-hurts' },
		[sore('shoulder', 'left'), sore('shoulder', 'right')],
		['hard-edge', 'mouse-far', 'waits-for-pain']
	],

	// Hands and wrists.
	[
		'sore wrists: soft edges and a flat keyboard',
		{ person: { wrists: 'troubled' } },
		{},
		[],
		['troubled-wrists']
	],
	[
		'sore wrists, keyboard propped up',
		{ person: { wrists: 'troubled' } },
		{ 'keyboard-feet': 'out' },
		[],
		['troubled-wrists', 'keyboard-feet-out']
	],
	[
		'wrists bent sideways, mouse far',
		{},
		{ wrist: 'sideways', 'mouse-place': 'arm-stretched' },
		[],
		['wrist-bent-sideways', 'mouse-far']
	],
	['a keyboard far back, upright school: nearer', {}, { 'keyboard-place': 'far-back' }, [], ['keyboard-far']],
	[
		'a keyboard pushed back, forearms on the table: its way',
		{ way: 'forearms-down', surface: { height: 715 }, screen: { topAboveBase: 460 } },
		{ 'keyboard-place': 'far-back' },
		[],
		[]
	],
	[
		'a touchpad: nothing about a mouse',
		{ mouse: 'touchpad' },
		{ 'pointing-hand': 'tired' },
		[],
		['mouse-hand-tired']
	],

	// Screen, light, sound.
	[
		'progressive lenses and a head tipped back, screen low enough',
		{ person: LOW_LENSES, screen: { topAboveBase: 440 } },
		{ 'tips-head-back': 'yes' },
		[],
		['head-tips-back']
	],
	['a screen too far away', { screen: { distance: 1100 } }, {}, [], ['screen-too-far']],
	[
		'a desk 50 cm deep, the screen too close',
		{ surface: { depth: 500 }, screen: { distance: 420 } },
		{},
		[],
		['shallow-desk', 'screen-too-near']
	],
	[
		'the window straight ahead',
		{},
		{ 'window-clock': 'at-12', sun: 'at-some-hour' },
		[],
		['window-ahead', 'sun-on-screen']
	],
	[
		'the window behind, reflections',
		{},
		{ 'window-clock': 'at-6', reflections: 'some' },
		[],
		['window-behind', 'glare']
	],
	['the window at the side: fine', {}, { 'window-clock': 'at-3' }, [], []],
	[
		'two screens, the main one aside, turning the head',
		{},
		{ screens: 'two', 'second-kind': 'monitor', 'main-screen': 'main-to-one-side', turning: 'head-only' },
		[],
		['second-screen-aside', 'turns-head-only']
	],
	[
		'the screen as the only light, the lamp on the writing side',
		{},
		{ 'only-light': 'yes', lamp: 'writing-side' },
		[],
		['lamp-side', 'screen-is-only-light']
	],
	[
		'a phone at the shoulder, always the same ear',
		{},
		{ phone: 'between-ear-and-shoulder', ear: 'always-the-same', 'phone-side': 'writing-hand' },
		[],
		['phone-at-shoulder', 'phone-on-writing-side', 'always-one-ear']
	],

	// Safety, standing, moving.
	[
		'power strips chained, cables at the feet, a stack that wobbles',
		{},
		{ strips: 'into-another', cables: 'at-the-feet', stacks: 'wobble' },
		[],
		['cables-in-the-way', 'chained-strips', 'stack-wobbles']
	],
	[
		'a laptop on cloth',
		{ screen: { ...LAPTOP, topAboveBase: 480 } },
		{ vents: 'covered' },
		[],
		['vents-covered']
	],
	[
		'standing all day on one leg',
		{ standing: true, surface: { height: 1005 }, screen: { topAboveBase: 565 } },
		{ 'standing-time': 'all-day', 'standing-legs': 'one-leg' },
		[],
		['stands-still', 'weight-on-one-leg']
	],
	[
		'standing with locked knees, a sore low back',
		{ standing: true, surface: { height: 1005 }, screen: { topAboveBase: 565 } },
		{ 'standing-legs': 'locked', walkway: 'people-pass' },
		[sore('low-back')],
		['on-walkway', 'knees-locked']
	],
	[
		'no second posture, calls seated, seldom up',
		{},
		{ 'second-spot': 'no', calls: 'seated', 'get-up': 'seldom' },
		[],
		['no-second-posture', 'sits-long', 'calls-seated']
	],
	[
		'a walkway behind, noise, no socket',
		{},
		{ walkway: 'people-pass', quiet: 'often-disturbed', socket: 'across-the-room' },
		[],
		['on-walkway', 'far-from-socket', 'noisy']
	],
	['no fixed place', {}, { 'work-surface': 'no-fixed-place' }, [], ['no-fixed-place']]
];

describe('the practitioner’s table', () => {
	it('has sixty cases at least, each once', () => {
		expect(TABLE.length).toBeGreaterThanOrEqual(60);
		expect(new Set(TABLE.map(([who]) => who)).size).toBe(TABLE.length);
	});

	it.each(TABLE)('%s', (_who, change, checks, reports, first) => {
		const { steps, page } = whatIsTold({ corner: cornerWith(change), checks, reports });
		const told = [
			...steps.map(({ place }) => `step:${place}`),
			...page.findings.map(({ finding }) => finding)
		];
		expect(told.slice(0, 3)).toEqual(first);
	});
});
