import { Type, type TSchema } from 'typebox';
import { BODY_LENGTHS } from '../../workstation/corner/vocabulary';
import { CORNER_BOUNDS } from '../../workstation/corner/corner-bounds';
import type { Corner } from '../../workstation/corner/corner';
import { regionReportSchema } from '../discomfort/report-schema';
import { closedObject, optionalMembers } from './schema-parts';
import { MEASURED_HEIGHTS } from './vocabulary';

/** Entries of one list: far above any real case, so that a mistake can't flood the assessment. */
const MOST_ENTRIES = 2000;

/** Heights of a plan, mm: within what furniture and stacks can reach. */
export const MAX_HEIGHT_MM = 2500;

/** A list of entries. */
export const listSchema = <T extends TSchema>(items: T) => Type.Array(items, { maxItems: MOST_ENTRIES });

const integerWithin = ([minimum, maximum]: readonly [number, number]) => Type.Integer({ minimum, maximum });

/** Where the person works. */
export const placeSchema = Type.Object(
	{
		country: Type.Union([Type.String({ pattern: '^[A-Z]{2}$' }), Type.Null()]),
		region: Type.Union([Type.String({ minLength: 1, maxLength: 10 }), Type.Null()])
	},
	closedObject
);

/** The workstation of some answers. */
export const recordedCornerSchema = Type.Unsafe<Corner | null>({
	type: ['object', 'null'],
	description: 'a corner document, or null while only signs are in'
});

/** A report of discomfort; null where none was asked for. */
export const discomfortSchema = Type.Union([listSchema(regionReportSchema), Type.Null()]);

/** Lengths measured again. */
export const lengthsSchema = Type.Object(
	{
		...optionalMembers(MEASURED_HEIGHTS, Type.Integer({ minimum: 0, maximum: MAX_HEIGHT_MM })),
		...optionalMembers(BODY_LENGTHS, integerWithin(CORNER_BOUNDS.bodyLength)),
		...optionalMembers(['thickness'], integerWithin(CORNER_BOUNDS.surfaceThickness))
	},
	{
		...closedObject,
		description:
			'mm. seat: under the person, pads and all; feet: what they rest on; surface; keys: what they stand on; screen: top of the picture; each above the floor. Body lengths and the surface’s thickness as in the corner document.'
	}
);
