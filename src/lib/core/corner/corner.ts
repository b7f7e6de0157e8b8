import type { Region } from '../discomfort/regions';
import type {
	WorkingArms,
	BACK_RELIEF,
	BodyLengthName,
	Precaution,
	Hand,
	HouseholdKind,
	KEYBOARD_KINDS,
	Lenses,
	MeasuringMethod,
	MOUSE_KINDS,
	POSTURES,
	SCREEN_KINDS,
	SeatKind,
	SEXES,
	SurfaceKind,
	SittingStyle,
	WRISTS
} from './vocabulary';

/** Versions of the open format, the first to the newest. */
export const CORNER_FORMATS = [
	'easy-corner.corner/1',
	'easy-corner.corner/2',
	'easy-corner.corner/3'
] as const;

/**
 * The corner document: one person at one spot, with what is in the house. An open format
 * (`easy-corner.corner/3`; versions 1 and 2 are read for ever and computed with the defaults of what they lack); the JSON Schema in
 * `corner-schema.ts` says the same and is checked at every door. Every length is whole millimetres; heights are above the floor unless said.
 */
export interface Corner {
	readonly format: (typeof CORNER_FORMATS)[number];
	readonly person: Person;
	readonly body: MeasuredBody;
	readonly way: SittingStyle;
	readonly spot: Spot;
	readonly household: readonly HouseholdItem[];
}

/** Who sits or stands here, as far as the arithmetic needs to know. */
export interface Person {
	/** Height without shoes, mm. */
	readonly stature: number;
	/** Picks the body proportions of an estimate, and nothing else. */
	readonly sex: (typeof SEXES)[number];
	/** Sole of the shoe that is worn at work, mm. */
	readonly heel: number;
	/** The hand that writes. */
	readonly hand: Hand;
	/** The hand that uses the mouse; see `pointingHandOf`. From version 3 on. */
	readonly pointer?: Hand;
	/** The arms that the person works with; both if left out. From version 3 on. */
	readonly arms?: WorkingArms;
	/** What advice has to allow for. From version 3 on. */
	readonly care?: readonly Precaution[];
	/** What hurts 4 of 10 or more now. From version 3 on. */
	readonly sore?: readonly Region[];
	readonly lenses: Lenses;
	readonly back: (typeof BACK_RELIEF)[number];
	readonly wrists: (typeof WRISTS)[number];
}

/** One measured body length. */
export interface MeasuredLength {
	readonly mm: number;
	readonly by: MeasuringMethod;
}

/** Only what was measured; the rest is estimated from stature. */
export type MeasuredBody = Readonly<Partial<Record<BodyLengthName, MeasuredLength>>>;

/** Lowest and highest position of something that moves, mm. */
export type Range = readonly [min: number, max: number];

/** The place and its furniture. */
export interface Spot {
	readonly posture: (typeof POSTURES)[number];
	/** How the furniture was measured. */
	readonly by: MeasuringMethod;
	readonly surface: Surface;
	/** Null at a standing spot; there it is ignored if given. */
	readonly seat: Seat | null;
	readonly screen: Screen;
	readonly keys: Keys;
	readonly mouse: (typeof MOUSE_KINDS)[number];
}

/** The table or worktop. */
export interface Surface {
	/** A table if left out. From version 3 on. */
	readonly kind?: SurfaceKind;
	readonly height: number;
	readonly thickness: number;
	readonly depth: number;
	readonly range: Range | null;
}

/** What one sits on. Depth, backrest and range are a chair's; the other kinds of seat may do without them. */
export interface Seat {
	/** Left out in version 1, where it is a chair. */
	readonly kind?: SeatKind;
	/** Height of the empty seat, mm. */
	readonly height: number;
	/** How far it sinks under the person, mm. */
	readonly give: number;
	readonly range?: Range | null;
	readonly depth?: number;
	readonly backrest?: boolean;
	/** Whether the backrest fills the hollow of the low back. */
	readonly lumbar: boolean;
	/** Height of the armrest above the seat, mm. */
	readonly armrest: number | null;
	readonly castors: boolean;
	/** Height of a bar for the feet, mm; none if left out. From version 3 on. */
	readonly footBar?: number | null;
}

/** The screen that is looked at most. */
export interface Screen {
	readonly kind: (typeof SCREEN_KINDS)[number];
	/** From what it stands on to the top of the visible picture, mm. */
	readonly topAboveBase: number;
	readonly visibleHeight: number;
	/** Footprint of the foot or the laptop, mm. */
	readonly base: readonly [number, number];
	/** Range of `topAboveBase` of a monitor that moves; always null for a laptop. */
	readonly range: Range | null;
	/** Eye to screen, mm. */
	readonly distance: number;
}

/** The keyboard: one of its own, or the laptop's. */
export interface Keys {
	readonly kind: (typeof KEYBOARD_KINDS)[number];
	/** Height of the home row above what the keyboard stands on, mm. */
	readonly homeRow: number;
	readonly base: readonly [number, number];
	/** A tray under the surface that carries keyboard and mouse; none if left out. From version 3 on. */
	readonly tray?: Tray | null;
}

/** A keyboard tray: its top above the floor, and how thick it is, mm. It moves with a surface that moves. */
export interface Tray {
	readonly height: number;
	readonly thickness: number;
}

/** One kind of thing in the house, `count` times. */
export interface HouseholdItem {
	readonly id: string;
	readonly kind: HouseholdKind;
	readonly label: string;
	/**
	 * Three lengths in mm in any order; but a step stool as length, width, height, and a towel or blanket as
	 * length, width, thickness of one layer.
	 */
	readonly size: readonly [number, number, number];
	/** How many there are; 1 if left out. */
	readonly count?: number;
}
