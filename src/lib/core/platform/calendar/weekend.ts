/**
 * Countries whose weekend is not Saturday and Sunday, by ISO 3166-1 code; 0 is Sunday, 6 Saturday. Source: Unicode CLDR, week data, from
 * memory.
 */
const OTHER_WEEKENDS: readonly (readonly [weekend: readonly number[], countries: string])[] = [
	[[5, 6], 'BH DZ EG IL IQ JO KW LY OM QA SA SD SY YE'],
	[[4, 5], 'AF'],
	[[5], 'IR'],
	[[0], 'IN UG']
];

const SATURDAY_AND_SUNDAY = [6, 0] as const;

/**
 * The weekend of a country.
 * @param country ISO 3166-1 alpha-2; Saturday and Sunday for an unknown one
 */
export function weekendOf(country: string): readonly number[] {
	const found = OTHER_WEEKENDS.find(([, countries]) => countries.split(' ').includes(country));
	return found?.[0] ?? SATURDAY_AND_SUNDAY;
}
