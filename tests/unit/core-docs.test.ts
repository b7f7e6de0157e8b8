import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

const CORE = 'src/lib/core';

function filesOf(folder: string): string[] {
	return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
		const path = join(folder, entry.name);
		if (entry.isDirectory()) return filesOf(path);
		return entry.name.endsWith('.ts') && !entry.name.endsWith('.test.ts') ? [path] : [];
	});
}

/** Names that a file exports where they are declared, and whether a doc comment stands before them. */
function exportsOf(text: string, path = 'case-record.ts'): { name: string; isDocumented: boolean }[] {
	const file = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
	return file.statements.flatMap((statement) => {
		const modifiers = ts.canHaveModifiers(statement) ? (ts.getModifiers(statement) ?? []) : [];
		if (!modifiers.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword)) return [];
		const isDocumented = ts.getJSDocCommentsAndTags(statement).length > 0;
		if (ts.isVariableStatement(statement))
			return statement.declarationList.declarations.map((d) => ({ name: d.name.getText(), isDocumented }));
		const { name } = statement as ts.FunctionDeclaration;
		return [{ name: name?.getText() ?? 'default', isDocumented }];
	});
}

describe('the core’s public names', () => {
	it('are all documented', () => {
		const bare = filesOf(CORE).flatMap((path) =>
			exportsOf(readFileSync(path, 'utf8'), path)
				.filter(({ isDocumented }) => !isDocumented)
				.map(({ name }) => `${path}: ${name}`)
		);
		expect(bare).toEqual([]);
	});

	it('would be found out: a planted name without words is seen', () => {
		const text =
			'/** Told. */\nexport const a = 1;\nexport const b = 2;\nexport function c() {}\nconst d = 3;';
		expect(exportsOf(text)).toEqual([
			{ name: 'a', isDocumented: true },
			{ name: 'b', isDocumented: false },
			{ name: 'c', isDocumented: false }
		]);
	});
});
