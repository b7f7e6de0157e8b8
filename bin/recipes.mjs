#!/usr/bin/env node
/**
 * Tries each recipe of docs/recipes.md on a copy of the program: makes its first edit and lists the files that the type checker then names.
 * With --write the lists are put into the page; without it they are compared with what the page says.
 */
import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { exec } from './lib/exec.mjs';
import { packageProgram, root } from './lib/paths.mjs';
import { PlainFault, run, say } from './lib/say.mjs';

const PAGE = join(root, 'docs', 'recipes.md');

/** What a copy needs in order to be type-checked. */
const COPIED = [
	'src',
	'tests',
	'seed',
	'cli',
	'bench',
	'e2e',
	'bin',
	'package.json',
	'tsconfig.json',
	'vite.config.ts',
	'vite.app.config.ts',
	'svelte.config.js',
	'playwright.config.ts',
	'drizzle.config.ts'
];

/**
 * The first edit of each recipe: a text in a file and its replacement, or a file to create.
 * @type {Readonly<Record<string, { file: string, find?: string, put: string }[]>>}
 */
const RECIPES = {
	'body region': [
		{ file: 'src/lib/core/cases/discomfort/regions.ts', find: "	'head',\n", put: "	'head',\n	'jaw',\n" }
	],
	'household item': [
		{
			file: 'src/lib/core/workstation/corner/vocabulary.ts',
			find: "	'book',\n",
			put: "	'book',\n	'crate',\n"
		}
	],
	exercise: [
		{
			file: 'src/lib/core/breaks/exercise.ts',
			find: "	'far-look',\n",
			put: "	'far-look',\n	'wrist-turn',\n"
		}
	],
	'red flag': [
		{
			file: 'src/lib/core/cases/discomfort/red-flags.ts',
			find: "	'wakes-at-night',\n",
			put: "	'wakes-at-night',\n	'pain-at-rest',\n"
		}
	],
	question: [
		{
			file: 'src/lib/core/questionnaire/checklist/items-3.ts',
			find: 'type Item3 = (typeof ITEMS_2)[number] | typeof AIR;',
			put: "const NOISE = checklistItem('light', 'noise', { quiet: null, loud: 'noisy-room' });\n\ntype Item3 = (typeof ITEMS_2)[number] | typeof AIR | typeof NOISE;"
		}
	],
	finding: [
		{
			file: 'src/lib/core/questionnaire/checklist/findings.ts',
			find: "	'no-fixed-place': rule(",
			put: "	'noisy-room': rule('light', [], []),\n	'no-fixed-place': rule("
		}
	],
	length: [
		{
			file: 'src/lib/core/questionnaire/answers/fields.ts',
			find: '	surfaceHeight: {',
			put: "	armrestWidth: { page: 'spot', bounds: [10, 200], usual: [20, 120], start: null },\n	surfaceHeight: {"
		}
	],
	role: [
		{
			file: 'src/lib/core/platform/access/roles.ts',
			find: "'reader'] as const",
			put: "'reader', 'auditor'] as const"
		}
	],
	permission: [
		{
			file: 'src/lib/core/platform/access/permissions.ts',
			find: "	'cases:read': COORDINATORS,",
			put: "	'cases:read': COORDINATORS,\n	'cases:merge': COORDINATORS,"
		}
	],
	page: [
		{ file: 'src/routes/desk/(signed-in)/handouts/+page.svelte', put: '<main><h1>Handouts</h1></main>\n' }
	],
	column: [
		{
			file: 'src/lib/core/people/index.ts',
			find: "	'team',\n	'email',",
			put: "	'team',\n	'manager',\n	'email',"
		}
	],
	language: [
		{
			file: 'src/lib/messages/languages.ts',
			find: "['en', 'de', 'fr', 'es'] as const",
			put: "['en', 'de', 'fr', 'es', 'it'] as const"
		}
	],
	'audit log action': [
		{
			file: 'src/lib/server/platform/audit/write-audit-line.ts',
			find: "	'list-read',\n",
			put: "	'list-read',\n	'people-merged',\n"
		}
	]
};

/**
 * Files that the type checker names after the first edit.
 * @param {string} name
 */
async function namedBy(name) {
	const folder = mkdtempSync(join(tmpdir(), 'easy-corner-recipe-'));
	try {
		for (const one of COPIED) cpSync(join(root, one), join(folder, one), { recursive: true });
		symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'));
		for (const { file, find, put } of RECIPES[name] ?? []) {
			const path = join(folder, file);
			if (find === undefined) {
				mkdirSync(dirname(path), { recursive: true });
				writeFileSync(path, put);
				continue;
			}
			const text = readFileSync(path, 'utf8');
			if (!text.includes(find))
				throw new PlainFault(`The recipe "${name}" finds nothing to edit in ${file}.`);
			writeFileSync(path, text.replace(find, put));
		}
		await exec(packageProgram('svelte-kit'), ['sync'], { cwd: folder });
		const { output } = await exec(packageProgram('svelte-check'), ['--tsgo', '--output', 'machine'], {
			cwd: folder
		});
		const files = [...output.matchAll(/ ERROR "([^"]+)"/g)].map(([, file = '']) => file);
		return [...new Set(files)].sort();
	} finally {
		rmSync(folder, { recursive: true, force: true });
	}
}

/**
 * Where a recipe's list stands in the page.
 * @param {string} name
 */
const listOf = (name) => new RegExp(`(<!-- checker: ${name} -->\\n)([\\s\\S]*?)(<!-- end -->)`);

await run(async () => {
	const isWriting = process.argv.includes('--write');
	const only = process.argv.slice(2).filter((argument) => !argument.startsWith('--'));
	let page = readFileSync(PAGE, 'utf8');
	let differ = 0;
	for (const name of only.length > 0 ? only : Object.keys(RECIPES)) {
		const files = await namedBy(name);
		const list = files.length === 0 ? '- nothing\n' : files.map((file) => `- \`${file}\`\n`).join('');
		const found = listOf(name).exec(page);
		if (!found) throw new PlainFault(`docs/recipes.md has no list for "${name}".`);
		const isSame = found[2]?.trim() === list.trim();
		if (!isSame) differ += 1;
		say(`${isSame ? 'ok  ' : 'differs'} ${name}: ${files.length} files`);
		page = page.replace(listOf(name), `$1${list}$3`);
	}
	if (isWriting) writeFileSync(PAGE, page);
	return isWriting || differ === 0 ? 0 : 1;
});
