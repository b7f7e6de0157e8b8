import type { WalkerAnswers } from './walker';

/** Short at a high table, with a laptop and a keyboard of its own. */
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
	'check.strips': 'into-another',
	'thing.book': '4',
	'thing.ream': '2',
	'thing.sturdy-box': '1',
	'thing.pillow': '1',
	'thing.towel': '1'
};
