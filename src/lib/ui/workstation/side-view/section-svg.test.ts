import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { adviseCorner, summarizeAdvice } from '$lib/core/plan/advice/advise-corner';
import { planOffers } from '$lib/core/plan/advice/plan-offers';
import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
import { messagesFor } from '$lib/messages';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { elementsOf } from '../../../../../tests/support/markup';
import { sectionSvgs } from './section-svg';

const t = messagesFor();

/** Side views of random workstations, as measured and as planned. */
const drawn = [3, 14, 15, 92].map((seed) => {
	const corner = randomCorner(seed, { rigid: 8, soft: 1, span: 0 });
	const plan = planOffers(corner, summarizeAdvice(adviseCorner(corner)))[0]?.plan ?? null;
	const views = [sideViewOf(corner, null), ...(plan ? [sideViewOf(corner, plan)] : [])];
	return { views, svgs: sectionSvgs(views, t, 'cm') };
});

describe('a side view as a file', () => {
	it('is drawn by a program that knows nothing of the page, in the colours of the light theme', async () => {
		for (const { svgs } of drawn) {
			for (const svg of svgs) {
				// librsvg refuses what is not well-formed XML.
				const image = sharp(Buffer.from(svg));
				const { width, height } = await image.metadata();
				expect(width).toBe(640);
				expect(height).toBeGreaterThan(150);
				const { data } = await image.removeAlpha().raw().toBuffer({ resolveWithObject: true });
				const colours = new Set<string>();
				for (let at = 0; at < data.length; at += 3) colours.add(data.subarray(at, at + 3).toString('hex'));
				// Paper, ink and wood.
				for (const colour of ['fffdf7', '22303c', 'e9dcc0']) expect(colours).toContain(colour);
			}
		}
	});

	it('stands alone: no variables, mixtures, scripts or anything from elsewhere', () => {
		for (const svg of drawn.flatMap(({ svgs }) => svgs)) {
			expect(svg).not.toMatch(/var\(|color-mix|<script|undefined|NaN|rem\b|href=/);
			expect(svg.match(/https?:[^"]*/g)).toEqual(['http://www.w3.org/2000/svg']);
		}
	});

	it('names the heights that the side view has, in one scale for before and after', () => {
		for (const { views, svgs } of drawn) {
			const scales = svgs.map((svg) => /viewBox="([^"]*)"/.exec(svg)?.[1]);
			expect(new Set(scales).size).toBe(1);
			for (const [i, view] of views.entries()) {
				const texts = elementsOf(svgs[i] ?? '')
					.filter(({ tag }) => tag === 'text')
					.map(({ text }) => text);
				for (const { y } of view.levels)
					expect(texts.some((text) => text.endsWith((y / 10).toFixed(1)))).toBe(true);
			}
		}
	});
});
