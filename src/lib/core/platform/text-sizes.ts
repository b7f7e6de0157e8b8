/** Text sizes to choose from; the browser's own zoom comes on top. */
export const TEXT_SIZES = ['normal', 'large', 'larger'] as const;

/** One size; see {@link TEXT_SIZES}. */
export type TextSize = (typeof TEXT_SIZES)[number];

/** The text size in a cookie; normal where it has none. */
export function textSizeOf(cookie: string | undefined): TextSize {
	return TEXT_SIZES.find((size) => size === cookie) ?? 'normal';
}
