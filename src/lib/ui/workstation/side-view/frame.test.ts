import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { expect, it } from 'vitest';
import { sideViewOf } from '$lib/core/workstation/side-view/side-view';
import { randomCorner } from '../../../../../tests/support/random-corner';
import { frameFor } from './frame';

/** What the style of the drawing takes from its width for what stands beside the person, narrow and wide, and from where it is wide, px. */
function ofStyle() {
	const style = readFileSync(new URL('./SideViewDrawing.svelte', import.meta.url), 'utf8');
	const beside = [...style.matchAll(/100cqw - (\d+)px\) \* var\(--shape\) \+ (\d+)px/g)].map(
		([, px, over]) => ({ px: Number(px), over: Number(over) })
	);
	const wideFrom = Number(/@container \(min-width: (\d+)px\)/.exec(style)?.[1]);
	return { narrow: beside[0], wide: beside[1], wideFrom };
}

it('the style gives a drawing the height that it will have, whatever its width', () => {
	const { narrow, wide, wideFrom } = ofStyle();
	fc.assert(
		fc.property(
			fc.nat(400),
			fc.integer({ min: 240, max: 900 }),
			fc.constantFrom(300, 340, 430),
			(seed, width, most) => {
				const section = sideViewOf(
					randomCorner(seed, { rigid: 2, soft: 1, span: 0 }),
					null,
					null,
					'standard'
				);
				const frame = frameFor([section], width, most);
				const beside = width < wideFrom ? narrow : wide;
				const styled = Math.min((width - (beside?.px ?? NaN)) * frame.shape + (beside?.over ?? NaN), most);
				expect(styled).toBeCloseTo(frame.height, 6);
			}
		)
	);
});
