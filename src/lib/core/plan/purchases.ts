import { footBarOf, seatKindOf, seatRulesOf } from '../workstation/corner/seat-kinds';
import type { Corner, Range } from '../workstation/corner/corner';
import type { PurchasedAids } from './plan-problem';

/** A workstation with a purchase. */
export interface CornerWithPurchase {
	readonly corner: Corner;
	/** The purchase for which the workstation document has no place. */
	readonly aids: PurchasedAids;
}

/** A typical keyboard: home row height, longer and shorter side, mm. Our assumption. */
const KEYBOARD = { homeRow: 20, base: [440, 130] } as const;

/** Step in which purchases are adjusted, mm; nobody sets them more finely. */
const CM = 10;

const everyCentimetre = ([lowest, highest]: Range): number[] =>
	Array.from({ length: (highest - lowest) / CM + 1 }, (_, i) => lowest + i * CM);

/** Heights of a footrest, mm. Our working assumption. */
const FOOTREST: Range = [50, 200];

/** Heights of a foot bar on a high chair, mm. Our working assumption. */
const FOOT_BAR: Range = [150, 400];

/** Above this seat height, feet rest on a bar, mm. Our assumption. */
const HIGH_SEAT_MM = 600;

/** Rise of a firm cushion, 400 mm square, under a person, mm. Our working assumption. */
const CUSHION_RISE_MM = 50;

/** A monitor on an adjustable stand: top of the screen above its base, screen height, base, distance, mm. Our assumption. */
const MONITOR = { range: [380, 510], visibleHeight: 300, base: [240, 200] } as const;

/** A height-adjustable surface, mm. Around the range of EN 527-1:2011 type A (from memory); ours. */
const SURFACE = { range: [620, 1270], thickness: 25 } as const;

/** A height-adjustable chair, mm. Around the range of EN 1335-1:2020 type B (from memory); ours. */
const CHAIR = {
	kind: 'chair',
	give: 0,
	range: [400, 530],
	depth: 420,
	backrest: true,
	lumbar: true,
	armrest: null,
	castors: true
} as const;

const nearest = (value: number, [lowest, highest]: Range) => Math.min(Math.max(value, lowest), highest);

const NO_AIDS: PurchasedAids = {};

const plain = (corner: Corner): CornerWithPurchase[] => [{ corner, aids: NO_AIDS }];

/** The workstation with a keyboard and mouse of usual size; unchanged where it has separate ones. */
export function cornerWithKeyboard(corner: Corner): Corner {
	const { spot } = corner;
	if (spot.keys.kind === 'separate') return corner;
	return {
		...corner,
		spot: { ...spot, keys: { kind: 'separate', ...KEYBOARD }, mouse: 'separate' }
	};
}

const withKeyboard = (corner: Corner): CornerWithPurchase[] =>
	corner.spot.keys.kind === 'separate' ? [] : plain(cornerWithKeyboard(corner));

function isHigh({ spot }: Corner): boolean {
	return spot.posture === 'sitting' && spot.seat !== null && spot.seat.height > HIGH_SEAT_MM;
}

function withFootrest(corner: Corner): CornerWithPurchase[] {
	if (!seatRulesOf(corner).takesFeet || footBarOf(corner) !== null || isHigh(corner)) return [];
	return [{ corner, aids: { footrestMm: everyCentimetre(FOOTREST) } }];
}

function withFootBar(corner: Corner): CornerWithPurchase[] {
	const { seat } = corner.spot;
	if (!seat || !seatRulesOf(corner).takesFeet || footBarOf(corner) !== null || !isHigh(corner)) return [];
	return everyCentimetre(FOOT_BAR).flatMap((footBar) =>
		plain({ ...corner, spot: { ...corner.spot, seat: { ...seat, footBar } } })
	);
}

function withCushion(corner: Corner): CornerWithPurchase[] {
	const { seat } = corner.spot;
	if (!seatRulesOf(corner).takesPads || !seat?.backrest || seat.castors) return [];
	return [{ corner, aids: { cushionMm: CUSHION_RISE_MM } }];
}

function withMonitor(corner: Corner): CornerWithPurchase[] {
	const { spot } = corner;
	if (spot.screen.kind !== 'laptop' || spot.keys.kind === 'built-in') return [];
	const topAboveBase = nearest(spot.screen.topAboveBase, MONITOR.range);
	const screen = { ...spot.screen, kind: 'monitor' as const, topAboveBase, ...MONITOR };
	return plain({ ...corner, spot: { ...spot, screen } });
}

function withSurface(corner: Corner): CornerWithPurchase[] {
	const { spot } = corner;
	const height = nearest(spot.surface.height, SURFACE.range);
	return plain({
		...corner,
		spot: {
			...spot,
			surface: { ...spot.surface, kind: 'desk', ...SURFACE, height },
			keys: { ...spot.keys, tray: null }
		}
	});
}

function withChair(corner: Corner): CornerWithPurchase[] {
	const { seat } = corner.spot;
	if (!seat || corner.spot.posture === 'standing' || seatKindOf(corner) === 'wheelchair') return [];
	const height = nearest(seat.height, CHAIR.range);
	return plain({ ...corner, spot: { ...corner.spot, seat: { ...CHAIR, height } } });
}

/** What can be bought, in the order that breaks ties: the cheapest that helps most first. Common practice. */
export const PURCHASES = [
	'keyboard-and-mouse',
	'footrest',
	'foot-bar',
	'seat-cushion',
	'monitor',
	'chair',
	'another-surface'
] as const;

/** One of {@link PURCHASES}. */
export type PurchaseId = (typeof PURCHASES)[number];

const MAKES: Readonly<Record<PurchaseId, (corner: Corner) => CornerWithPurchase[]>> = {
	'keyboard-and-mouse': withKeyboard,
	footrest: withFootrest,
	'foot-bar': withFootBar,
	'seat-cushion': withCushion,
	monitor: withMonitor,
	chair: withChair,
	'another-surface': withSurface
};

/** A workstation with one purchase: one for each variant that differs, none where it would change nothing. */
export function cornersWithPurchase(purchase: PurchaseId, corner: Corner): CornerWithPurchase[] {
	// Only a separate keyboard and screen can make a sofa suitable for work.
	if (!seatRulesOf(corner).isForWork && purchase !== 'keyboard-and-mouse') return [];
	return MAKES[purchase](corner);
}

/** Of two purchases, the one that the other one must match comes first: a chair or a surface, then a keyboard. */
const MET_BY_THE_OTHER: readonly PurchaseId[] = ['chair', 'another-surface', 'keyboard-and-mouse'];

/** A workstation with two purchases: each variant of the one with each of the other. */
export function cornersWithTwoPurchases(
	one: PurchaseId,
	other: PurchaseId,
	corner: Corner
): CornerWithPurchase[] {
	const place = (id: PurchaseId) => (MET_BY_THE_OTHER.includes(id) ? MET_BY_THE_OTHER.indexOf(id) : Infinity);
	const [first, second] = place(one) <= place(other) ? [one, other] : [other, one];
	return cornersWithPurchase(first, corner).flatMap((made) =>
		cornersWithPurchase(second, made.corner).map((both) => ({
			corner: both.corner,
			aids: { ...made.aids, ...both.aids }
		}))
	);
}

/** Side of a block that represents one more rigid item, mm: as wide as any base, and wide enough for any height. */
const BLOCK_SIDE_MM = 3000;

const OWN_ID = 'more';

function freeId({ household }: Corner): string {
	let id = OWN_ID;
	while (household.some((item) => item.id.startsWith(id))) id += '+';
	return id;
}

/** The workstation with one more rigid item of some height, for screen, feet or keyboard. */
export function cornerWithFirmPiece(corner: Corner, heightMm: number): Corner {
	const size = [BLOCK_SIDE_MM, BLOCK_SIDE_MM, heightMm] as const;
	return {
		...corner,
		household: [...corner.household, { id: freeId(corner), kind: 'book', label: '', size }]
	};
}
