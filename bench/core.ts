import { cornerFromAnswers } from '../src/lib/core/answers';
import { checkCorner } from '../src/lib/core/checks';
import type { Corner } from '../src/lib/core/corner';
import { planCorner } from '../src/lib/core/plan';
import { sectionOf } from '../src/lib/core/section';
import { DEMO_PEOPLE } from '../seed/people';
import { randomCorner } from '../tests/support/random-corner';
import { measure } from './measure';

const demo: readonly Corner[] = DEMO_PEOPLE.flatMap(({ answers }) => {
	const corner = answers && cornerFromAnswers(answers, 'upright').corner;
	return corner ? [corner] : [];
});

/** Random homes of about so many rigid and soft pieces. */
function homes(rigid: number, soft: number, count: number): Corner[] {
	const found: Corner[] = [];
	for (let seed = 0; found.length < count; seed += 1) {
		const corner = randomCorner(seed, { rigid: rigid + 6, soft: soft + 2, span: seed % 4 === 0 ? 100 : 0 });
		const pieces = (isSoft: boolean) =>
			corner.household
				.filter((item) => ['pillow', 'cushion', 'towel', 'blanket', 'bolster'].includes(item.kind) === isSoft)
				.reduce((sum, item) => sum + (item.count ?? 1), 0);
		if (Math.abs(pieces(false) - rigid) <= 2 && Math.abs(pieces(true) - soft) <= 1) found.push(corner);
	}
	return found;
}

/** Figures of the core: a plan, a check with its section, and a workforce. */
export function benchCore(): void {
	const large = homes(24, 4, 200);
	measure('core: one plan, 24 rigid and 4 soft pieces', 'ms', large, (corner) => planCorner(corner, 1));
	measure('core: three plans, 24 rigid and 4 soft pieces', 'ms', large, (corner) => planCorner(corner, 3));
	const many = Array.from({ length: 1000 }, (_, i) => demo[i % demo.length] as Corner);
	measure('core: check with section, demo people', 'ms', many, (corner) => {
		checkCorner(corner);
		return sectionOf(corner, null);
	});
	measure('core: three plans, demo people', 'ms', many.slice(0, 300), (corner) => planCorner(corner, 3));
}
