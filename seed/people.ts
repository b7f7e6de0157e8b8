import type { LengthUnit } from '../src/lib/core/body/length/mm';

/** A hand-written person of the demo. Each case shows one thing; all are invented. */
export interface DemoPerson {
	readonly name: string;
	readonly email: string;
	readonly phone: string;
	readonly team: string;
	/** What this case shows, for readers of this file. */
	readonly shows: string;
	/** Answers as typed; null where the person hasn't answered. */
	readonly answers: Readonly<Record<string, string>> | null;
	/** Days since the email went out and since the answers came in. */
	readonly sentDaysAgo: number;
	readonly answeredDaysAgo?: number;
	/** Whether the coordinator has dealt with the answers, which steps are ticked, and when to look again. */
	readonly isSeen?: boolean;
	readonly ticked?: readonly string[];
	readonly followUp?: { readonly inDays: number; readonly reason: string };
}

type Thing = readonly [kind: string, label: string, a: string, b: string, c: string, count: string];

function things(list: readonly Thing[]): Record<string, string> {
	const parts = ['kind', 'label', 'a', 'b', 'c', 'count'];
	return Object.fromEntries(
		list.flatMap((thing, i) => parts.map((part, j) => [`thing.${i}.${part}`, thing[j] ?? '']))
	);
}

/** Answers to the checklist, by question. */
function walked(answers: Readonly<Record<string, string>>): Record<string, string> {
	return Object.fromEntries(Object.entries(answers).map(([item, answer]) => [`check.${item}`, answer]));
}

/** Discomfort at one place in the last seven days. */
function hurts(
	place: string,
	worst: number,
	days: number,
	hinders: string,
	kinds: readonly string[]
): Record<string, string> {
	const parts = { worst: String(worst), days: String(days), hinders };
	const told = [...Object.entries(parts), ...kinds.map((kind) => [`kind.${kind}`, 'yes'] as const)];
	return Object.fromEntries(told.map(([part, text]) => [`pain.${place}.${part}`, text]));
}

const unit = (of: LengthUnit) => ({ unit: of });

/** The Tarn Valley Lanterns Co-operative, a lamp maker with people who work from home. */
export const DEMO_PEOPLE: readonly DemoPerson[] = [
	{
		name: 'Ansa Bramblewick',
		email: 'ansa.bramblewick@lanterns.example',
		phone: '+44 20 7946 0901',
		team: 'Bookkeeping',
		shows: 'a corner that fits',
		sentDaysAgo: 20,
		answeredDaysAgo: 18,
		isSeen: true,
		followUp: { inDays: 40, reason: 'Yearly look: still well?' },
		answers: {
			...unit('cm'),
			stature: '168',
			heel: '1',
			sex: 'female',
			posture: 'sitting',
			by: 'tape',
			surfaceHeight: '69.5',
			surfaceThickness: '2.5',
			surfaceDepth: '80',
			seatHeight: '45.5',
			seatGive: '2',
			seatDepth: '42',
			seatMoves: 'yes',
			seatLow: '41',
			seatHigh: '53',
			lumbar: 'yes',
			castors: 'yes',
			bodyBy: 'tape',
			popliteal: '41.8',
			sittingElbow: '29',
			sittingEye: '76.5',
			thigh: '15',
			screenKind: 'monitor',
			topAboveBase: '48',
			visibleHeight: '30',
			distance: '62',
			baseLong: '24',
			baseShort: '20',
			homeRow: '1.8',
			...things([['book', 'Lamp catalogue', '30', '23', '3.4', '2']])
		}
	},
	{
		name: 'Mirela Oakhanger',
		email: 'mirela.oakhanger@lanterns.example',
		phone: '+44 20 7946 0902',
		team: 'Support',
		shows: 'a short person at a high dining table with a rigid chair',
		sentDaysAgo: 6,
		answeredDaysAgo: 1,
		answers: {
			...unit('cm'),
			stature: '158',
			heel: '1.5',
			sex: 'female',
			posture: 'sitting',
			by: 'tape',
			surfaceHeight: '75.2',
			surfaceThickness: '3.2',
			surfaceDepth: '78',
			seatHeight: '45.5',
			seatGive: '0.5',
			seatDepth: '43',
			bodyBy: 'tape',
			popliteal: '38.6',
			sittingElbow: '22.8',
			sittingEye: '72.4',
			thigh: '14.6',
			screenKind: 'laptop',
			keysKind: 'separate',
			topAboveBase: '21.8',
			visibleHeight: '19',
			distance: '52',
			baseLong: '32.5',
			baseShort: '22.5',
			homeRow: '2',
			keysLong: '44',
			keysShort: '13',
			letterSize: '1.8',
			windowFaces: 'sw',
			city: 'edinburgh',
			...walked({
				'work-surface': 'table',
				walkway: 'people-pass',
				'window-clock': 'at-6',
				sun: 'at-some-hour',
				'whole-foot': 'toes-only',
				shoulders: 'raised',
				'pointing-hand': 'tired',
				'mouse-place': 'arm-stretched',
				screens: 'two',
				'second-kind': 'laptop-flat',
				'screen-share': 'one-most',
				'main-screen': 'main-ahead',
				'read-sitting-back': 'lean-in',
				reflections: 'some',
				phone: 'between-ear-and-shoulder',
				strips: 'into-another',
				'get-up': 'seldom'
			}),
			...hurts('neck', 5, 4, 'a-little', ['ache', 'stiffness']),
			...hurts('shoulder-right', 6, 5, 'a-little', ['ache']),
			...things([
				['book', 'Atlas', '33', '25', '4.2', '1'],
				['book', 'Cookbook', '29', '23', '3.1', '3'],
				['ream', 'Printer paper', '29.7', '21', '5.2', '2'],
				['sturdy-box', 'Tool box', '40', '30', '12', '1'],
				['board-game', 'Board game', '38', '27', '5.5', '2'],
				['pillow', 'Bed pillow', '70', '45', '14', '1'],
				['towel', 'Bath towel', '140', '70', '0.5', '2']
			])
		}
	},
	{
		name: 'Teodor Fennimoor',
		email: 'teodor.fennimoor@lanterns.example',
		phone: '+44 20 7946 0903',
		team: 'Design',
		shows: 'a tall person with a laptop alone on a low table: hands and eyes can’t both be right',
		sentDaysAgo: 9,
		answeredDaysAgo: 3,
		followUp: { inDays: 0, reason: 'Ask whether the separate keyboard has arrived' },
		answers: {
			...unit('cm'),
			stature: '191',
			heel: '2',
			sex: 'male',
			posture: 'sitting',
			by: 'a4-sheets',
			surfaceHeight: '71',
			surfaceThickness: '3',
			surfaceDepth: '65',
			seatHeight: '44',
			seatGive: '3',
			seatDepth: '44',
			bodyBy: 'a4-sheets',
			popliteal: '48.5',
			sittingElbow: '26',
			sittingEye: '86',
			screenKind: 'laptop',
			keysKind: 'built-in',
			mouse: 'touchpad',
			topAboveBase: '21',
			visibleHeight: '18.5',
			distance: '48',
			baseLong: '31.5',
			baseShort: '22',
			homeRow: '1.6',
			...walked({
				'work-surface': 'table',
				'window-clock': 'at-3',
				'laptop-hours': 'longer',
				'all-the-way-back': 'front-of-the-seat',
				'second-spot': 'no',
				'get-up': 'seldom',
				'far-look': 'seldom'
			}),
			...hurts('low-back', 7, 6, 'much', ['ache', 'stiffness']),
			...hurts('neck', 4, 3, 'a-little', ['ache']),
			...things([
				['book', 'Typeface specimen', '31', '24', '2.8', '4'],
				['sturdy-box', 'Sample case', '42', '33', '16', '1'],
				['cushion', 'Sofa cushion', '42', '42', '9', '2'],
				['blanket', 'Wool blanket', '190', '140', '0.5', '1']
			])
		}
	},
	{
		name: 'Ruta Wexcombe',
		email: 'ruta.wexcombe@lanterns.example',
		phone: '+44 20 7946 0904',
		team: 'Bookkeeping',
		shows: 'progressive lenses: the screen goes lower and leans back',
		sentDaysAgo: 12,
		answeredDaysAgo: 10,
		isSeen: true,
		ticked: ['seat', 'screen'],
		followUp: { inDays: -2, reason: 'Two weeks on: is the neck easier with the screen lower?' },
		answers: {
			...unit('in'),
			stature: '5\'6"',
			heel: '1/2',
			sex: 'female',
			lenses: 'progressive',
			posture: 'sitting',
			by: 'tape',
			surfaceHeight: '29 1/8',
			surfaceThickness: '1 1/4',
			surfaceDepth: '30',
			seatHeight: '18 1/4',
			seatGive: '1/2',
			seatDepth: '17',
			bodyBy: 'tape',
			popliteal: '16 1/2',
			sittingElbow: '9 1/4',
			sittingEye: '30',
			screenKind: 'monitor',
			topAboveBase: '21',
			visibleHeight: '12 1/2',
			distance: '24',
			baseLong: '9 1/2',
			baseShort: '8',
			homeRow: '3/4',
			keysLong: '17 1/4',
			keysShort: '5 1/8',
			screenMoves: 'yes',
			screenLow: '15',
			screenHigh: '21',
			...walked({
				'work-surface': 'table',
				'window-clock': 'at-9',
				'tips-head-back': 'yes',
				'eye-test': 'two-years'
			}),
			...hurts('neck', 3, 2, 'no', ['stiffness']),
			...things([
				['cushion', 'Garden cushion', '17', '17', '3', '2'],
				['ream', 'Letter paper', '11', '8 1/2', '2', '3'],
				['book', 'Ledger', '14', '11', '1 1/2', '2'],
				['towel', 'Hand towel', '30', '20', '1/8', '2']
			])
		}
	},
	{
		name: 'Ivo Larkmead',
		email: 'ivo.larkmead@lanterns.example',
		phone: '+44 20 7946 0905',
		team: 'Support',
		shows: 'a standing spot at the kitchen worktop',
		sentDaysAgo: 5,
		answeredDaysAgo: 2,
		answers: {
			...unit('cm'),
			stature: '176',
			heel: '2.5',
			sex: 'male',
			posture: 'standing',
			by: 'tape',
			surfaceHeight: '91',
			surfaceThickness: '4',
			surfaceDepth: '60',
			bodyBy: 'tape',
			standingElbow: '109.5',
			standingEye: '164',
			screenKind: 'laptop',
			keysKind: 'separate',
			topAboveBase: '21.5',
			visibleHeight: '19',
			distance: '55',
			baseLong: '32',
			baseShort: '22',
			homeRow: '2',
			keysLong: '43',
			keysShort: '12.5',
			...things([
				['sturdy-box', 'Wine crate', '48', '33', '16', '2'],
				['ream', 'Printer paper', '29.7', '21', '5', '4'],
				['board-game', 'Board game', '37', '27', '6', '2'],
				['book', 'Encyclopaedia volume', '28', '22', '4', '6'],
				['light-box', 'Shoe box', '33', '21', '12', '2']
			])
		}
	},
	{
		name: 'Sunniva Peatling',
		email: 'sunniva.peatling@lanterns.example',
		phone: '+44 20 7946 0906',
		team: 'Design',
		shows: 'someone who has not answered',
		sentDaysAgo: 8,
		answers: null
	}
];
