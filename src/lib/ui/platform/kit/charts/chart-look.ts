/** Colours and fonts of a chart: the page's design tokens. */
export interface ChartLook {
	readonly ink: string;
	readonly soft: string;
	readonly rule: string;
	readonly sheet: string;
	readonly cool: string;
	readonly coolWash: string;
	readonly warm: string;
	readonly font: string;
}

export function lookOf(element: Element): ChartLook {
	const style = getComputedStyle(element);
	const token = (name: string) => style.getPropertyValue(`--${name}`).trim();
	return {
		ink: token('ink'),
		soft: token('ink-soft'),
		rule: token('rule'),
		sheet: token('sheet'),
		cool: token('cool'),
		coolWash: token('cool-wash'),
		warm: token('warm'),
		font: style.fontFamily
	};
}
