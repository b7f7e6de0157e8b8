import { describe, expect, it } from 'vitest';
import { referenceTable } from '../../../../../tests/support/reference';
import { angleBetween, checkWindowAngle } from './window-angle';
import { totalHours, monthlySunHours, sunGlareAt, type SunnyWindow } from './sun-hours';
import { sunPosition } from './sun-position';

/** Azimuth and altitude without refraction by an ephemeris library; see `tests/data/reference`. */
const ephemeris = referenceTable('sun-reference.csv').map((row) => ({
	place: { latitudeDeg: Number(row.lat_deg), longitudeDeg: Number(row.lon_deg_east) },
	atMs: Date.parse(row.utc ?? ''),
	azimuthDeg: Number(row.azimuth_deg_from_north_clockwise),
	altitudeDeg: Number(row.altitude_deg_centre_no_refraction)
}));

describe('sunPosition against an ephemeris', () => {
	it('agrees by day within 0.05° in azimuth and, with refraction, 0.6° in altitude', () => {
		const byDay = ephemeris.filter(({ altitudeDeg }) => altitudeDeg > 0 && altitudeDeg < 85);
		expect(byDay.length).toBeGreaterThan(80);
		for (const { place, atMs, azimuthDeg, altitudeDeg } of byDay) {
			const sun = sunPosition(atMs, place);
			expect(angleBetween(sun.azimuthDeg, azimuthDeg)).toBeLessThan(0.05);
			const lifted = sun.altitudeDeg - altitudeDeg;
			expect(lifted).toBeGreaterThan(-0.02);
			expect(lifted).toBeLessThan(0.6);
		}
	});
});

describe('checkWindowAngle', () => {
	it('tells facing, slanting, side and behind at their borders, however the circle is counted', () => {
		const state = (sight: number) => checkWindowAngle(sight, 180).state;
		expect([180, 151, 150, 121, 120, 90, 60, 30, 29, 0].map(state)).toEqual([
			'facing',
			'facing',
			'slanting',
			'slanting',
			'side',
			'side',
			'side',
			'slanting',
			'behind',
			'behind'
		]);
		expect(checkWindowAngle(370, -350)).toEqual({ angleDeg: 0, state: 'facing', turnDeg: 60 });
		expect(checkWindowAngle(0, 200)).toEqual({ angleDeg: 160, state: 'behind', turnDeg: 40 });
	});
});

const south: SunnyWindow = { facesDeg: 180, sightDeg: 180, sill: 800, head: 2200, away: 1000, target: 1100 };

describe('sunGlareAt', () => {
	it('follows the beam: over the sill, under the head, and not through the wall', () => {
		const at = (azimuthDeg: number, altitudeDeg: number) => sunGlareAt({ azimuthDeg, altitudeDeg }, south);
		// Straight in, the beam falls by 1000 tan(altitude): 1100 + 1000 tan(47.7°) is the head.
		expect(at(180, 47)).toBe('face');
		expect(at(180, 48)).toBeNull();
		expect(at(180, 1)).toBeNull();
		expect(at(90, 20)).toBeNull();
		expect(at(0, 20)).toBeNull();
	});

	it('meets the screen where the window is behind, and whichever side the sun is on where it is beside', () => {
		const turned = (sightDeg: number, azimuthDeg: number) =>
			sunGlareAt({ azimuthDeg, altitudeDeg: 20 }, { ...south, sightDeg });
		expect(turned(0, 180)).toBe('screen');
		expect(turned(90, 150)).toBe('face');
		expect(turned(90, 210)).toBe('screen');
	});
});

describe('monthlySunHours', () => {
	const equator = { latitudeDeg: 52, longitudeDeg: 0 };
	const utc = Array.from({ length: 12 }, () => 0);

	it('agrees with the ephemeris on when the sun can come in at all', () => {
		// An open pane, so that only slant and the lowest altitude decide; both doors of the sum are checked by the hour.
		const open = { ...south, sill: 0, head: 1e9 };
		for (const name of [ephemeris[0]?.place, ephemeris.at(-1)?.place]) {
			if (!name) throw new Error('The ephemeris is empty');
			const rows = ephemeris.filter(
				({ place, atMs }) =>
					place.latitudeDeg === name.latitudeDeg && new Date(atMs).toISOString().startsWith('2025-06-21')
			);
			for (const { atMs, azimuthDeg, altitudeDeg } of rows) {
				const slant = angleBetween(azimuthDeg, open.facesDeg);
				if (Math.abs(slant - 75) < 1 || Math.abs(altitudeDeg - 3) < 1) continue;
				expect(sunGlareAt(sunPosition(atMs, name), open) !== null).toBe(slant < 75 && altitudeDeg > 3);
			}
		}
	});

	it('has a low winter sun deep in a south room and a high summer sun stopped by the head', () => {
		const months = monthlySunHours(equator, south, 2025, utc);
		expect(months.map(({ month }) => month)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]);
		const hours = months.map(({ face }) => totalHours(face));
		expect(hours[11]).toBeGreaterThan(4);
		// At noon in June the sun stands 61° high and falls over the desk; it comes in only early and late.
		const noon = (list: readonly (readonly [number, number])[]) => list.some(([a, b]) => a <= 720 && b > 720);
		expect(noon(months[11]?.face ?? [])).toBe(true);
		expect(noon(months[5]?.face ?? [])).toBe(false);
		expect(months.every(({ screen }) => screen.length === 0)).toBe(true);
	});

	it('moves with the local clock and mirrors east and west', () => {
		const east = { ...south, facesDeg: 90, sightDeg: 0 };
		const west = { ...south, facesDeg: 270, sightDeg: 0 };
		const march = (w: SunnyWindow, offset = 0) =>
			monthlySunHours(
				equator,
				w,
				2025,
				utc.map(() => offset)
			)[2] ?? { face: [], screen: [] };
		const first = (m: {
			face: readonly (readonly [number, number])[];
			screen: readonly (readonly [number, number])[];
		}) => [...m.face, ...m.screen].sort((a, b) => a[0] - b[0]);
		expect(first(march(east)).at(0)?.[0]).toBeLessThan(9 * 60);
		expect(first(march(west)).at(0)?.[0]).toBeGreaterThan(13 * 60);
		expect(first(march(east, 60))[0]?.[0]).toBe((first(march(east))[0]?.[0] ?? 0) + 60);
		const total = (w: SunnyWindow) => totalHours(march(w).face) + totalHours(march(w).screen);
		expect(Math.abs(total(east) - total(west))).toBeLessThan(0.6);
	});
});
