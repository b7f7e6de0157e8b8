import { formatHex, interpolate, modeOklab, modeRgb, useMode } from 'culori/fn';
import { render } from 'svelte/server';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { SideView } from '$lib/core/workstation/side-view/side-view';
import { messagesFor } from '$lib/messages';
import type { Catalogue } from '$lib/messages/shapes';
import { loadLanguage } from '$lib/messages/language-packs';
import theme from '../../../../app.css?raw';
import drawn from './side-view-drawing.css?raw';
import SideViewDrawing from './SideViewDrawing.svelte';

/** Fonts that every program has: a file brings none along. */
const FONTS: Readonly<Record<string, string>> = { 'font-sans': 'sans-serif', 'font-mono': 'monospace' };

/** The colours of the light theme: `--name: #hex;` in the first rule that has them. */
function lightColours(): Readonly<Record<string, string>> {
	const rule = /:root \{[^}]*--paper[^}]*\}/.exec(theme)?.[0] ?? '';
	return Object.fromEntries(
		[...rule.matchAll(/--([a-z-]+): (#[0-9a-f]{6});/g)].map(([, name, hex]) => [name, hex])
	);
}

/** The styles of a drawing as any program reads them: with colours in the place of variables and mixtures. */
function plainStyles(): string {
	useMode(modeRgb);
	useMode(modeOklab);
	const values: Readonly<Record<string, string>> = { ...lightColours(), ...FONTS };
	return drawn
		.replaceAll(/var\(--([a-z-]+)\)/g, (_, name: string) => {
			const value = values[name];
			if (value === undefined) throw new Error(`A drawing has no colour or font ${name}`);
			return value;
		})
		.replaceAll(
			/color-mix\(in oklab, (#[0-9a-f]{6}) (\d+)%, (#[0-9a-f]{6})\)/g,
			(_, of: string, percent: string, into: string) =>
				formatHex(interpolate([into, of], 'oklab')(Number(percent) / 100))
		)
		.replaceAll(/(\d*\.?\d+)rem/g, (_, rem: string) => `${Number(rem) * 16}px`)
		.replaceAll(/\/\*.*?\*\/\n?/gs, '');
}

let styles: string | null = null;

/**
 * Side views of a workstation as SVG files: as on the page, to one scale, in the light theme, with their styles. For the server.
 * @param views drawn to the same scale
 */
export function sectionSvgs(views: readonly SideView[], t: Catalogue, unit: LengthUnit): string[] {
	styles ??= plainStyles();
	return views.map((section) => {
		const { body } = render(SideViewDrawing, { props: { section, all: views, t, unit } });
		const [svg = ''] = /<svg.*<\/svg>/s.exec(body.replaceAll(/<!--.*?-->/gs, '')) ?? [];
		const [, width, height] = /viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(svg) ?? [];
		const file = svg
			.replace(/ style="[^"]*"/, '')
			.replace(
				'width="100%"',
				`width="${width}" height="${height}" xmlns="http://www.w3.org/2000/svg" xml:lang="${t.locale}"`
			)
			.replace(
				'>',
				`><style>${styles}</style><rect width="100%" height="100%" fill="${lightColours()['sheet']}"/>`
			);
		return `${file}\n`;
	});
}

/**
 * Side views as files for somebody who reads a language and a unit of length.
 * @param views drawn to the same scale
 */
export async function drawSideViews(
	views: readonly SideView[],
	{ language, unit }: { readonly language: string; readonly unit: LengthUnit }
): Promise<string[]> {
	await loadLanguage(language);
	return sectionSvgs(views, messagesFor(language), unit);
}
