import { describe, expect, it } from 'vitest';
import { correlation, mean, referenceTable, sd } from '../../../../tests/support/reference';
import type { BodyLengthName } from '../workstation/corner/vocabulary';
import { estimateBodyLength } from './body-length';
import { estimateFromStature } from './estimate-from-stature';

/** What telling a length from stature gets wrong on measured people, mm. */
function residuals(pairs: readonly (readonly [stature: number, length: number])[]) {
	const [statures, lengths] = [pairs.map(([s]) => s), pairs.map(([, l]) => l)];
	const group = { length: { mean: mean(lengths), sd: sd(lengths) }, stature: mean(statures) };
	const r = correlation(statures, lengths);
	const told = pairs.map(([s]) => estimateFromStature(s, group.length, group.stature, r));
	return { r, told, errors: pairs.map(([, l], i) => l - (told[i]?.mm ?? NaN)), statedSd: told[0]?.sd ?? NaN };
}

describe('estimateFromStature on measured people', () => {
	it('is as good on Galton’s 348 cubits as it says (Galton 1888)', () => {
		const pairs = referenceTable('galton_height_cubit_in.csv').map(
			({ height, cubit }) => [Number(height) * 25.4, Number(cubit) * 25.4] as const
		);
		const { r, errors, statedSd } = residuals(pairs);
		expect(pairs).toHaveLength(348);
		// r .753969, residual sd .513914 in of the fitted line; the proportion's own is a little more.
		expect(r).toBeCloseTo(0.753969, 5);
		expect(statedSd / 25.4).toBeCloseTo(0.513914, 2);
		expect(sd(errors) / statedSd).toBeGreaterThan(0.97);
		expect(sd(errors) / statedSd).toBeLessThan(1.03);
		expect(Math.abs(mean(errors))).toBeLessThan(0.1);
	});

	it('is as good on MacDonell’s 3,000 fingers as it says (MacDonell 1902)', () => {
		const pairs = referenceTable('macdonell_finger_height_freq.csv').flatMap((row) =>
			Array.from(
				{ length: Number(row.freq) },
				() => [Number(row.height_cm) * 10, Number(row.finger_cm) * 10] as const
			)
		);
		const { r, errors, statedSd } = residuals(pairs);
		expect(pairs).toHaveLength(3000);
		expect(r).toBeCloseTo(0.655707, 5);
		expect(statedSd / 10).toBeCloseTo(0.414356, 3);
		expect(sd(errors) / statedSd).toBeLessThan(1.05);
	});
});

/** ANSUR 1988 (Gordon et al. 1989, NATICK/TR-89/044), means of men and women, mm; from memory. */
const ANSUR = {
	male: {
		stature: 1755.8,
		sittingEye: 792,
		sittingElbow: 230.6,
		popliteal: 434.1,
		buttockPopliteal: 500.4,
		thigh: 168.2,
		standingElbow: 1072.5,
		standingEye: 1633.9,
		elbowFingertip: 484
	},
	female: {
		stature: 1629.4,
		sittingEye: 738.7,
		sittingElbow: 220.5,
		popliteal: 389.4,
		buttockPopliteal: 481.7,
		thigh: 158.9,
		standingElbow: 997.9,
		standingEye: 1516.1,
		elbowFingertip: 442.9
	}
} as const;

describe('estimates against another population', () => {
	const misses = (sex: 'male' | 'female') => {
		const { stature, ...lengths } = ANSUR[sex];
		return Object.entries(lengths).map(([name, measured]) => {
			const told = estimateBodyLength({ stature: Math.round(stature), sex }, name as BodyLengthName);
			return { name, inSds: Math.abs(told.mm - measured) / told.sd };
		});
	};

	it.each(['male', 'female'] as const)(
		'meet the seated means of ANSUR 1988 within their stated sd, %s',
		(sex) => {
			const seated = misses(sex).filter(({ name }) => name !== 'standingElbow');
			expect(seated.filter(({ inSds }) => inSds >= 1)).toEqual([]);
			expect(seated).toHaveLength(7);
		}
	);

	it('tell a standing elbow 19 and 28 mm higher than ANSUR’s: within one and a half of the stated sd', () => {
		const elbows = (['male', 'female'] as const).map(
			(sex) => misses(sex).find(({ name }) => name === 'standingElbow')?.inSds ?? NaN
		);
		expect(Math.max(...elbows)).toBeLessThan(1.5);
	});
});

describe('a reported stature in place of a measured one', () => {
	/** How much the told sitting eye shifts where the stature is the person's own word, mm. */
	const shifts = (rows: readonly { sex: 'male' | 'female'; measured: number; reported: number }[]) =>
		rows.map(({ sex, measured, reported }) => {
			const of = (stature: number) => estimateBodyLength({ stature, sex }, 'sittingEye').mm;
			return of(reported * 10) - of(measured * 10);
		});
	const davis = referenceTable('davis.csv')
		.filter(({ repht }) => repht !== 'NA' && repht !== '')
		// Row 12 has height and weight swapped: 57 cm tall, 166 kg.
		.map((row) => ({
			sex: row.sex === 'M' ? ('male' as const) : ('female' as const),
			measured: Math.max(Number(row.height), Number(row.weight)),
			reported: Number(row.repht)
		}));
	const krul = referenceTable('selfreport_krul.csv').map((row) => ({
		sex: row.sex === 'Male' ? ('male' as const) : ('female' as const),
		measured: Number(row.hm),
		reported: Number(row.hr)
	}));

	it('is off to opposite sides in Davis 1990 and Krul 2010, so no bias is taken off', () => {
		expect(davis).toHaveLength(183);
		expect(krul).toHaveLength(1257);
		expect(mean(davis.map((d) => d.reported - d.measured))).toBeCloseTo(-2.0765, 3);
		expect(mean(krul.map((d) => d.reported - d.measured))).toBeCloseTo(1.0407, 3);
		expect(mean(shifts(davis))).toBeLessThan(-5);
		expect(mean(shifts(krul))).toBeGreaterThan(2);
		// An exact stature is shown exactly: the core adds no correction of its own.
		expect(estimateBodyLength({ stature: 1740, sex: 'male' }, 'sittingEye').mm).toBe(790);
	});

	it('shifts the told eye by less than its stated sd for nine in ten people', () => {
		const { sd: stated } = estimateBodyLength({ stature: 1700, sex: 'female' }, 'sittingEye');
		const all = [...shifts(davis), ...shifts(krul)];
		expect(all.filter((shift) => Math.abs(shift) < stated).length / all.length).toBeGreaterThan(0.9);
	});
});
