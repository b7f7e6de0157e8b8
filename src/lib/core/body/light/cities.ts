import type { GeoPosition } from './sun-position';

/** A city that represents all places near it. */
export interface City extends GeoPosition {
	readonly zone: string;
}

const city = (zone: string, latitudeDeg: number, longitudeDeg: number): City => ({
	zone,
	latitudeDeg,
	longitudeDeg
});

/**
 * Cities to choose the nearest from: latitude north, longitude east, degrees, from memory to a tenth or better, which is all the sun's
 * position needs.
 */
export const CITIES = {
	amsterdam: city('Europe/Amsterdam', 52.37, 4.9),
	athens: city('Europe/Athens', 37.98, 23.73),
	auckland: city('Pacific/Auckland', -36.85, 174.76),
	bangkok: city('Asia/Bangkok', 13.75, 100.5),
	barcelona: city('Europe/Madrid', 41.39, 2.17),
	beijing: city('Asia/Shanghai', 39.9, 116.4),
	belgrade: city('Europe/Belgrade', 44.79, 20.45),
	berlin: city('Europe/Berlin', 52.52, 13.41),
	bogota: city('America/Bogota', 4.71, -74.07),
	brussels: city('Europe/Brussels', 50.85, 4.35),
	bucharest: city('Europe/Bucharest', 44.43, 26.1),
	budapest: city('Europe/Budapest', 47.5, 19.04),
	'buenos-aires': city('America/Argentina/Buenos_Aires', -34.6, -58.38),
	cairo: city('Africa/Cairo', 30.04, 31.24),
	'cape-town': city('Africa/Johannesburg', -33.92, 18.42),
	chicago: city('America/Chicago', 41.88, -87.63),
	copenhagen: city('Europe/Copenhagen', 55.68, 12.57),
	delhi: city('Asia/Kolkata', 28.61, 77.21),
	denver: city('America/Denver', 39.74, -104.99),
	dubai: city('Asia/Dubai', 25.2, 55.27),
	dublin: city('Europe/Dublin', 53.35, -6.26),
	edinburgh: city('Europe/London', 55.95, -3.19),
	hamburg: city('Europe/Berlin', 53.55, 9.99),
	helsinki: city('Europe/Helsinki', 60.17, 24.94),
	'hong-kong': city('Asia/Hong_Kong', 22.32, 114.17),
	istanbul: city('Europe/Istanbul', 41.01, 28.98),
	jakarta: city('Asia/Jakarta', -6.21, 106.85),
	kyiv: city('Europe/Kyiv', 50.45, 30.52),
	lagos: city('Africa/Lagos', 6.52, 3.38),
	lima: city('America/Lima', -12.05, -77.04),
	lisbon: city('Europe/Lisbon', 38.72, -9.14),
	london: city('Europe/London', 51.51, -0.13),
	'los-angeles': city('America/Los_Angeles', 34.05, -118.24),
	madrid: city('Europe/Madrid', 40.42, -3.7),
	manila: city('Asia/Manila', 14.6, 120.98),
	melbourne: city('Australia/Melbourne', -37.81, 144.96),
	'mexico-city': city('America/Mexico_City', 19.43, -99.13),
	milan: city('Europe/Rome', 45.46, 9.19),
	montreal: city('America/Toronto', 45.5, -73.57),
	mumbai: city('Asia/Kolkata', 19.08, 72.88),
	munich: city('Europe/Berlin', 48.14, 11.58),
	nairobi: city('Africa/Nairobi', -1.29, 36.82),
	'new-york': city('America/New_York', 40.71, -74.01),
	oslo: city('Europe/Oslo', 59.91, 10.75),
	paris: city('Europe/Paris', 48.86, 2.35),
	prague: city('Europe/Prague', 50.08, 14.44),
	riga: city('Europe/Riga', 56.95, 24.11),
	rome: city('Europe/Rome', 41.9, 12.5),
	santiago: city('America/Santiago', -33.45, -70.67),
	'sao-paulo': city('America/Sao_Paulo', -23.55, -46.63),
	seoul: city('Asia/Seoul', 37.57, 126.98),
	singapore: city('Asia/Singapore', 1.35, 103.82),
	sofia: city('Europe/Sofia', 42.7, 23.32),
	stockholm: city('Europe/Stockholm', 59.33, 18.07),
	sydney: city('Australia/Sydney', -33.87, 151.21),
	tallinn: city('Europe/Tallinn', 59.44, 24.75),
	'tel-aviv': city('Asia/Jerusalem', 32.09, 34.78),
	tokyo: city('Asia/Tokyo', 35.68, 139.69),
	toronto: city('America/Toronto', 43.65, -79.38),
	vancouver: city('America/Vancouver', 49.28, -123.12),
	vienna: city('Europe/Vienna', 48.21, 16.37),
	vilnius: city('Europe/Vilnius', 54.69, 25.28),
	warsaw: city('Europe/Warsaw', 52.23, 21.01),
	zagreb: city('Europe/Zagreb', 45.81, 15.98),
	zurich: city('Europe/Zurich', 47.37, 8.54)
} as const satisfies Record<string, City>;

/** Id of a city. */
export type CityId = keyof typeof CITIES;

/** Every city. */
export const CITY_IDS = Object.keys(CITIES) as readonly CityId[];
