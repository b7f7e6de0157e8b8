import type { Region } from '../../cases/discomfort/regions';
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

/** Versions of the open format, oldest first. */
export const CORNER_FORMATS = [
	'easy-corner.corner/1',
	'easy-corner.corner/2',
	'easy-corner.corner/3'
] as const;

/**
 * The workstation document: one person at one workstation, with the household items. An open format (`easy-corner.corner/3`; versions 1 and
 * 2 stay readable for good and use defaults for what they lack). The JSON Schema in `corner-schema.ts` says the same and is checked on all
 * input. Lengths are whole millimetres; heights are above the floor unless stated otherwise.
 */
export interface Corner {
	readonly format: (typeof CORNER_FORMATS)[number];
	readonly person: Person;
	readonly body: MeasuredBody;
	readonly way: SittingStyle;
	readonly spot: Spot;
	readonly household: readonly HouseholdItem[];
}

/** The person, as far as the computation needs. */
export interface Person {
	/** Height without shoes, mm. */
	readonly stature: number;
	/** Selects the body proportions for estimates, and nothing else. */
	readonly sex: (typeof SEXES)[number];
	/** Sole thickness of the shoes worn at work, mm. */
	readonly heel: number;
	/** The writing hand. */
	readonly hand: Hand;
	/** The mouse hand; see `pointingHandOf`. From version 3 on. */
	readonly pointer?: Hand;
	/** The arms the person works with; both if left out. From version 3 on. */
	readonly arms?: WorkingArms;
	/** Precautions that advice must respect. From version 3 on. */
	readonly care?: readonly Precaution[];
	/** Regions with a discomfort of 4 of 10 or more now. From version 3 on. */
	readonly sore?: readonly Region[];
	readonly lenses: Lenses;
	readonly back: (typeof BACK_RELIEF)[number];
	readonly wrists: (typeof WRISTS)[number];
}

/** One measured body length; one from a picture with its standard deviation, mm (from version 3 on). */
export type MeasuredLength =
	| { readonly mm: number; readonly by: MeasuringMethod }
	| { readonly mm: number; readonly by: 'photo'; readonly sd: number };

/** Only measured lengths; the rest is estimated from stature. */
export type MeasuredBody = Readonly<Partial<Record<BodyLengthName, MeasuredLength>>>;

/** Lowest and highest position of something adjustable, mm. */
export type Range = readonly [min: number, max: number];

/** The workstation and its furniture. */
interface Spot {
	readonly posture: (typeof POSTURES)[number];
	/** How the furniture was measured. */
	readonly by: MeasuringMethod;
	readonly surface: Surface;
	/** Null for a standing workstation, where a given seat is ignored. */
	readonly seat: Seat | null;
	readonly screen: Screen;
	readonly keys: Keys;
	readonly mouse: (typeof MOUSE_KINDS)[number];
}

/** The table or worktop. */
interface Surface {
	/** A table if left out. From version 3 on. */
	readonly kind?: SurfaceKind;
	readonly height: number;
	readonly thickness: number;
	readonly depth: number;
	readonly range: Range | null;
}

/** The seat. Depth, backrest and range belong to chairs; other seat types may omit them. */
export interface Seat {
	/** Left out in version 1, which knows only chairs. */
	readonly kind?: SeatKind;
	/** Height of the empty seat, mm. */
	readonly height: number;
	/** How far it compresses under the person, mm. */
	readonly give: number;
	readonly range?: Range | null;
	readonly depth?: number;
	readonly backrest?: boolean;
	/** Whether the backrest fills the lumbar hollow. */
	readonly lumbar: boolean;
	/** Height of the armrest above the seat, mm. */
	readonly armrest: number | null;
	readonly castors: boolean;
	/** Height of a foot bar, mm; none if left out. From version 3 on. */
	readonly footBar?: number | null;
}

/** The main screen. */
export interface Screen {
	readonly kind: (typeof SCREEN_KINDS)[number];
	/** From its base to the top of the visible screen, mm. */
	readonly topAboveBase: number;
	readonly visibleHeight: number;
	/** Footprint of the stand or the laptop, mm. */
	readonly base: readonly [number, number];
	/** Range of `topAboveBase` of a height-adjustable monitor; always null for a laptop. */
	readonly range: Range | null;
	/** Eye to screen, mm. */
	readonly distance: number;
}

/** The keyboard: a separate one, or the laptop's. */
interface Keys {
	readonly kind: (typeof KEYBOARD_KINDS)[number];
	/** Height of the home row above the keyboard's base, mm. */
	readonly homeRow: number;
	readonly base: readonly [number, number];
	/** A tray under the surface that carries keyboard and mouse; none if left out. From version 3 on. */
	readonly tray?: Tray | null;
}

/** A keyboard tray: height of its top and thickness, mm. It moves with an adjustable surface. */
interface Tray {
	readonly height: number;
	readonly thickness: number;
}

/** One kind of household item, `count` of them. */
export interface HouseholdItem {
	readonly id: string;
	readonly kind: HouseholdKind;
	readonly label: string;
	/**
	 * Three lengths in mm in any order; but a step stool as length, width, height, and a towel or blanket as length, width, thickness of
	 * one layer.
	 */
	readonly size: readonly [number, number, number];
	/** How many there are; 1 if left out. */
	readonly count?: number;
}
