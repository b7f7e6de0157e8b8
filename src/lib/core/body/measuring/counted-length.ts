const FRACTIONS: Readonly<Record<string, string>> = {
	'½': ' 1/2',
	'¼': ' 1/4',
	'¾': ' 3/4',
	'⅓': ' 1/3',
	'⅔': ' 2/3'
};

/** Fractions of a sheet that folding gives; nobody can tell finer ones apart. */
const PARTS = 4;

/** Reads a count of sheets, spans or cards as people write it: `2`, `2.5`, `2,5`, `2 1/2`, `2½`, `3/4`. Null where it is none. */
export function parseCount(text: string): number | null {
	const plain = text
		.replace(/[½¼¾⅓⅔]/g, (sign) => FRACTIONS[sign] ?? sign)
		.replace(/\s+/g, ' ')
		.trim();
	if (/^\d{1,3}(?:[.,]\d{1,3})?$/.test(plain)) return Number(plain.replace(',', '.'));
	const match = /^(?:(\d{1,3}) )?(\d{1,2})\/(\d{1,2})$/.exec(plain);
	if (!match) return null;
	const [, whole = '0', over, under] = match;
	return Number(under) > 0 ? Number(whole) + Number(over) / Number(under) : null;
}

/** A count in whole units and quarters: `2 1/2`. */
export function formatCount(count: number): string {
	const quarters = Math.round(count * PARTS);
	const whole = Math.floor(quarters / PARTS);
	const rest = quarters % PARTS;
	const part = rest === 0 ? '' : rest === 2 ? '1/2' : `${rest}/4`;
	return whole === 0 && part ? part : [String(whole), part].filter(Boolean).join(' ');
}
