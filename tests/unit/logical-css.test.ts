import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { expect, it } from 'vitest';

/** Components whose content is drawn, or measured against the screen: left is left there in every language. */
const DRAWN =
	/^src\/lib\/ui\/(?:workstation\/(?:rail|side-view|gap-mark|desk\/DeskFromAbove)|body\/(?:body-figure|measuring)|platform\/kit\/charts|breaks\/ExerciseDrawing|plan\/StackDrawing)/;

const PHYSICAL = [
	/(?<![\w-])(?:margin|padding)-(?:left|right)\s*:/,
	/(?<![\w-])border-(?:left|right)(?:-\w+)?\s*:/,
	/text-align:\s*(?:left|right)/,
	// In the middle is in the middle from either side.
	/^\s*(?:left|right)\s*:(?! 50%)/,
	// A shadow along the line has no logical form: `var(--along)` gives its sign.
	/box-shadow:\s*(?:inset\s+)?-?[1-9]/,
	/(?<![\w-])(?:ml|mr|pl|pr)-(?:\d|\[|auto|px)/,
	/(?<![\w-])text-(?:left|right)(?![\w-])/,
	/(?<![\w-])border-[lr](?=[\s"'-])/
];

it('pages are laid out by the direction of their language, not by left and right', () => {
	const found = readdirSync('src', { recursive: true, encoding: 'utf8' })
		.map((name) => join('src', name))
		.filter((name) => /\.(?:svelte|css)$/.test(name) && !DRAWN.test(name))
		.flatMap((name) =>
			readFileSync(name, 'utf8')
				.split('\n')
				.flatMap((line, i) =>
					PHYSICAL.some((one) => one.test(line)) ? [`${name}:${i + 1} ${line.trim()}`] : []
				)
		);
	expect(found).toEqual([]);
});
