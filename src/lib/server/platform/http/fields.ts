import { Type } from 'typebox';
import { UUID_PATTERN } from '../../../core/platform/uuid';

/** An id of a row, or the key that a page makes for an act. */
export const uuid = Type.String({ pattern: UUID_PATTERN });

/** A text of at most this many characters. */
export const text = (maxLength: number) => Type.String({ maxLength });

/** The version of something as seen. */
export const version = Type.String({ pattern: '^[0-9]{1,9}$' });

/** A date as a date field sends it; each use case checks that it exists. */
export const day = text(10);

/** An answer of two buttons. */
export const yesNo = Type.Enum(['yes', 'no']);

/**
 * Ids in one field, separated by commas: a form of this kind has each name once.
 * @param most how many
 */
export const uuids = (most: number) =>
	Type.String({
		maxLength: most * 37,
		pattern: `^${UUID_PATTERN.slice(1, -1)}(?:,${UUID_PATTERN.slice(1, -1)})*$`
	});
