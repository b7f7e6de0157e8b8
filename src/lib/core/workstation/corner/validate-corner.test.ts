import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { validateCorner } from './validate-corner';
import { SEAT_KINDS, SEAT_KINDS_OF_VERSION_2 } from './vocabulary';

const good = JSON.parse(readFileSync('tests/data/corners/short-person-high-table.json', 'utf8')) as Record<
	string,
	unknown
>;

/** The good document with one place changed; `undefined` takes it away. */
function changed(path: string, value: unknown): unknown {
	const copy = structuredClone(good);
	const keys = path.split('/').slice(1);
	const last = keys.pop() ?? '';
	const parent = keys.reduce<Record<string, unknown>>((at, key) => at[key] as Record<string, unknown>, copy);
	if (value === undefined) delete parent[last];
	else parent[last] = value;
	return copy;
}

const at = (value: unknown) => {
	const checked = validateCorner(value);
	return checked.ok ? 'good' : checked.issue.at;
};

describe('validateCorner', () => {
	it('takes good documents as they are', () => {
		expect(validateCorner(good)).toEqual({ ok: true, value: good });
		for (let seed = 0; seed < 200; seed += 1)
			expect(at(randomCorner(seed, { rigid: 8, soft: 4, span: 40 }))).toBe('good');
	});

	it('takes version 2: every kind of seat, and those that are no chairs without depth, backrest and range', () => {
		const seat = { height: 450, give: 10, lumbar: false, armrest: null, castors: false };
		const chair = { ...seat, depth: 420, backrest: true, range: null };
		const of = (parts: object) => {
			const copy = structuredClone(good) as { format: string; spot: { seat: object | null } };
			copy.format = 'easy-corner.corner/2';
			copy.spot.seat = parts;
			return at(copy);
		};
		for (const kind of SEAT_KINDS_OF_VERSION_2) expect(of({ ...chair, kind })).toBe('good');
		expect(of({ ...chair, kind: 'saddle' })).toBe('/spot/seat/kind');
		for (const kind of SEAT_KINDS_OF_VERSION_2.filter((one) => one !== 'chair'))
			expect(of({ ...seat, kind })).toBe('good');
		expect(of({ ...seat, kind: 'chair' })).toBe('/spot/seat/range');
		expect(of({ ...chair, kind: 'throne' })).toBe('/spot/seat/kind');
		const standing = { ...good, format: 'easy-corner.corner/2' } as unknown as { spot: object };
		expect(at({ ...standing, spot: { ...standing.spot, posture: 'standing', seat: null } })).toBe('good');
	});

	it('takes version 3: what is new is optional, and what contradicts itself is refused', () => {
		const of = (change: (copy: Record<string, Record<string, Record<string, unknown>>>) => void) => {
			const copy = structuredClone(good) as never as Record<string, Record<string, Record<string, unknown>>>;
			Object.assign(copy, { format: 'easy-corner.corner/3' });
			Object.assign(copy.spot?.seat ?? {}, { kind: 'chair' });
			change(copy);
			return at(copy);
		};
		expect(of(() => {})).toBe('good');
		const person = (parts: object) => of((copy) => Object.assign(copy.person ?? {}, parts));
		expect(person({ pointer: 'left', arms: 'both', care: ['dizzy'], sore: ['neck', 'eyes'] })).toBe('good');
		expect(person({ sore: ['neck', 'neck'] })).toBe('/person/sore');
		expect(person({ sore: ['thumb'] })).toBe('/person/sore/0');
		expect(person({ pointer: 'left', arms: 'right-only' })).toBe('/person/pointer');
		expect(person({ pointer: 'right', arms: 'right-only' })).toBe('good');
		const spot = (name: string, parts: object) => of((copy) => Object.assign(copy.spot?.[name] ?? {}, parts));
		for (const kind of SEAT_KINDS) expect(spot('seat', { kind })).toBe('good');
		expect(spot('seat', { footBar: 200 })).toBe('good');
		expect(spot('seat', { footBar: 49 })).toBe('/spot/seat/footBar');
		expect(spot('surface', { kind: 'ironing-board' })).toBe('good');
		expect(spot('surface', { range: [800, 900] })).toBe('/spot/surface/height');
		expect(spot('seat', { range: [600, 700] })).toBe('/spot/seat/height');
		const tray = { height: 650, thickness: 20 };
		expect(spot('keys', { tray, kind: 'separate' })).toBe('good');
		expect(spot('keys', { tray: { ...tray, thickness: 4 }, kind: 'separate' })).toBe(
			'/spot/keys/tray/thickness'
		);
		expect(spot('keys', { tray, kind: 'built-in' })).toBe('/spot/keys/tray');
	});

	const wrong: readonly (readonly [path: string, value: unknown, at?: string])[] = [
		['/format', 'easy-corner.corner/4'],
		['/person/pointer', 'left'],
		['/person/sore', []],
		['/spot/surface/kind', 'desk'],
		['/spot/seat/footBar', null],
		['/spot/keys/tray', null],
		// Version 2 names its seat; version 1 has no word for it.
		['/format', 'easy-corner.corner/2', '/spot/seat/kind'],
		['/spot/seat/kind', 'chair'],
		['/spot/seat/depth', undefined],
		['/spot/seat/backrest', undefined],
		['/spot/seat/range', undefined],
		['/person/stature', 1199],
		['/person/stature', 2301],
		['/person/stature', 1640.5],
		['/person/stature', '1640'],
		['/person/stature', null],
		['/person/stature', 1e9],
		['/person/heel', -1],
		['/person/sex', 'other'],
		['/person/hand', undefined],
		['/person/name', 'somebody'],
		['/body/thigh/mm', 49],
		['/body/thigh/by', 'eye'],
		['/body/thigh', 150],
		['/body/arm', { mm: 300, by: 'tape' }],
		['/way', 'slouched'],
		['/spot/posture', 'lying'],
		['/spot/by', 'card '],
		['/spot/seat', null],
		['/spot/seat', undefined],
		['/spot/seat/give', 151],
		['/spot/seat/range', [500, 400]],
		['/spot/seat/range', [100, 400], '/spot/seat/range/0'],
		['/spot/seat/range', [400]],
		['/spot/seat/armrest', 'low'],
		['/spot/seat/castors', 0],
		['/spot/surface/height', 299],
		['/spot/surface/thickness', 0],
		['/spot/surface/depth', 2001],
		['/spot/surface/range', [700, 600]],
		['/spot/screen/topAboveBase', 49],
		['/spot/screen/visibleHeight', 901],
		['/spot/screen/base', [325, 225, 10]],
		['/spot/screen/base', [0, 225], '/spot/screen/base/0'],
		['/spot/screen/range', [200, 300]],
		['/spot/screen/distance', 99],
		['/spot/keys/homeRow', 151],
		['/spot/keys/kind', 'none'],
		['/spot/mouse', 'trackball'],
		['/spot/a~b', 1, '/spot/a~0b'],
		['/household', {}],
		['/household/0/id', ''],
		['/household/0/kind', 'sofa'],
		['/household/0/size', [330, 250]],
		['/household/0/size/2', 3001],
		['/household/0/count', 0],
		['/household/0/count', 201],
		['/household/0/weight', 2],
		['/household/1/id', 'b1'],
		['/household/1/id', 'b1#2']
	];
	it.each(wrong.map(([path, value, place]) => ({ path, value, place: place ?? path })))(
		'refuses $path = $value and names the place',
		({ path, value, place }) => {
			expect(at(changed(path, value))).toBe(place);
		}
	);

	it.each([null, 7, 'text', [], true])('refuses %j as a whole', (value) => {
		expect(at(value)).toBe('');
	});

	it('says what is wanted, in words', () => {
		const text = (path: string, value: unknown) => {
			const checked = validateCorner(changed(path, value));
			return checked.ok ? '' : checked.issue.text;
		};
		expect(text('/person/stature', 74)).toBe('/person/stature must be from 1200 to 2300');
		expect(text('/spot/posture', 'lying')).toBe('/spot/posture must be one of: sitting, standing');
		expect(text('/person/hand', undefined)).toBe('/person/hand is missing');
		expect(text('/person/name', 'x')).toBe('/person/name is not a part of this format');
		expect(text('/person/heel', 1.5)).toBe('/person/heel must be a whole number');
	});

	it('ignores a chair at a standing spot', () => {
		expect(at(changed('/spot/posture', 'standing'))).toBe('good');
	});

	it('is not misled by names that objects have by themselves', () => {
		expect(at(JSON.parse('{"__proto__":{"format":"easy-corner.corner/1"}}'))).not.toBe('good');
		expect(at(changed('/person/constructor', 1))).toBe('/person/constructor');
	});

	it('takes a body length from a photo with its standard deviation, and none of any other method with one', () => {
		const length = (value: unknown) => at(changed('/body', { sittingEye: value }));
		expect(length({ mm: 742, by: 'photo', sd: 14 })).toBe('good');
		expect(length({ mm: 742, by: 'tape' })).toBe('good');
		for (const bad of [
			{ mm: 742, by: 'photo' },
			{ mm: 742, by: 'photo', sd: 0 },
			{ mm: 742, by: 'photo', sd: 14.5 },
			{ mm: 742, by: 'tape', sd: 14 }
		])
			expect(length(bad)).toMatch(/^\/body/);
		// Furniture isn't measured from a photo.
		expect(at(changed('/spot/by', 'photo'))).toBe('/spot/by');
	});
});
