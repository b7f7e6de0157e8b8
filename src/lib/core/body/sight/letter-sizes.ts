/** Heights of a small letter to choose the nearest from, mm, as written in an answer. Our assumption. */
export const LETTER_SIZES = ['1.2', '1.5', '1.8', '2.1', '2.5', '3', '3.5', '4', '5'] as const;
