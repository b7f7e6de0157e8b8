/** A setting as it is typed and read: a number, or several with commas between them. */
export const settingText = (value: number | readonly number[]): string =>
	typeof value === 'number' ? String(value) : value.join(', ');
