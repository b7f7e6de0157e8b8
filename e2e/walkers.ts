import type { WalkerAnswers } from './walker';

/** Short, at a high table, with a laptop and a separate keyboard. */
export const HIGH_TABLE: WalkerAnswers = {
	'pain.neck': '5/4',
	'pain.shoulder-right': '6/5',
	stature: '158',
	heel: '1.0',
	by: 'tape',
	posture: 'sitting',
	surfaceHeight: '75.2',
	seatKind: 'chair',
	seatHeight: '45.5',
	seatGive: '1.0',
	popliteal: '38.6',
	thigh: '14.6',
	sittingElbow: '22.8',
	screenKind: 'laptop',
	keysKind: 'separate',
	mouse: 'separate',
	screenSize: '14',
	sittingEye: '72.4',
	'check.mouse-place': 'arm-stretched',
	'check.strips': 'into-the-wall',
	'thing.book': '4',
	'thing.ream': '2',
	'thing.sturdy-box': '1',
	'thing.pillow': '1',
	'thing.towel': '1'
};

const FINE_LAPTOP: WalkerAnswers = {
	by: 'tape',
	posture: 'sitting',
	seatKind: 'chair',
	screenKind: 'laptop',
	keysKind: 'separate',
	mouse: 'separate',
	screenSize: '14',
	'thing.book': '4',
	'thing.ream': '1',
	'thing.pillow': '1'
};

/** The kinds of people that the walk is measured with. */
export const EIGHT: Readonly<Record<string, WalkerAnswers>> = {
	'short at a high table': HIGH_TABLE,
	'tall with a laptop alone': {
		...FINE_LAPTOP,
		'pain.neck': '4/3',
		stature: '192',
		surfaceHeight: '72',
		seatHeight: '45',
		popliteal: '49',
		sittingElbow: '26',
		sittingEye: '86',
		thigh: '17',
		keysKind: 'built-in',
		mouse: 'touchpad',
		'check.laptop-hours': 'longer'
	},
	'adjustable desk, two screens, progressive lenses, left-handed': {
		...FINE_LAPTOP,
		'pain.neck': '5/4',
		'pain.wrist-hand-left': '4/3/tingling-or-numbness',
		stature: '171',
		hand: 'left',
		lenses: 'progressive',
		surfaceHeight: '72',
		surfaceMoves: 'yes',
		surfaceLow: '65',
		surfaceHigh: '120',
		seatHeight: '46',
		seatMoves: 'yes',
		seatLow: '42',
		seatHigh: '53',
		popliteal: '42',
		sittingElbow: '24',
		sittingEye: '76',
		screenKind: 'monitor',
		screenSize: '27',
		topAboveBase: '48',
		screenMoves: 'yes',
		screenLow: '40',
		screenHigh: '53',
		'check.screens': 'two'
	},
	'no tape': {
		...HIGH_TABLE,
		by: 'a4-sheets',
		surfaceHeight: '2 1/2',
		seatHeight: '1 1/2',
		popliteal: '1 1/4',
		sittingElbow: '2 3/4',
		sittingEye: '2 1/2'
	},
	'a sofa, with tingling': {
		...FINE_LAPTOP,
		'pain.low-back': '5/5',
		'pain.wrist-hand-right': '3/2/tingling-or-numbness',
		stature: '168',
		seatKind: 'sofa',
		surfaceHeight: '45',
		seatHeight: '42',
		popliteal: '41',
		sittingElbow: '23',
		sittingEye: '74',
		keysKind: 'built-in',
		mouse: 'touchpad'
	},
	wheelchair: {
		...FINE_LAPTOP,
		'pain.shoulder-left': '4/4',
		stature: '165',
		seatKind: 'wheelchair',
		surfaceHeight: '74',
		seatHeight: '50',
		sittingElbow: '23',
		sittingEye: '73',
		thigh: '15'
	},
	'standing only': {
		...FINE_LAPTOP,
		'pain.low-back': '3/3',
		stature: '178',
		posture: 'standing',
		surfaceHeight: '95',
		standingElbow: '110',
		standingEye: '166'
	},
	'everything fine': {
		...FINE_LAPTOP,
		stature: '174',
		surfaceHeight: '71.5',
		seatHeight: '45',
		popliteal: '43.5',
		sittingElbow: '26',
		sittingEye: '77',
		thigh: '15.5',
		screenKind: 'monitor',
		screenSize: '24',
		topAboveBase: '48'
	}
};
