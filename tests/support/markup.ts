/** An element of rendered markup. */
export interface Element {
	readonly tag: string;
	readonly attributes: Readonly<Record<string, string>>;
	/** Its text and that of all within it. */
	text: string;
	readonly within: readonly Element[];
}

const VOID = new Set(['input', 'br', 'img', 'link', 'meta', 'hr']);
const ENTITIES: Readonly<Record<string, string>> = { amp: '&', lt: '<', gt: '>', quot: '"', '#39': "'" };

function unescaped(text: string): string {
	return text.replaceAll(/&([a-z]+|#39);/g, (whole, name: string) => ENTITIES[name] ?? whole);
}

/**
 * Elements of markup that a component was rendered to, in their order. Reads what the compiler writes: every element closed,
 * values in double quotes.
 * @throws Error where an element is closed that was not opened
 */
export function elementsOf(html: string): Element[] {
	const elements: Element[] = [];
	const open: Element[] = [];
	const marked = html.replaceAll(/<!--.*?-->/gs, '');
	for (const [, tag, textRun] of marked.matchAll(/<([^>]+)>|([^<]+)/g)) {
		if (textRun !== undefined) {
			for (const element of open) element.text += unescaped(textRun);
			continue;
		}
		const [, slash, name = '', rest = ''] = /^(\/?)([\w-]+)(.*)$/s.exec(tag ?? '') ?? [];
		if (slash) {
			if (open.pop()?.tag !== name) throw new Error(`</${name}> closes nothing`);
			continue;
		}
		const pairs = [...rest.matchAll(/([\w:-]+)(?:="([^"]*)")?/g)];
		const attributes = Object.fromEntries(pairs.map(([, key, value]) => [key, unescaped(value ?? '')]));
		const element: Element = { tag: name, attributes, text: '', within: [...open] };
		elements.push(element);
		if (!VOID.has(name) && !rest.endsWith('/')) open.push(element);
	}
	if (open.length > 0) throw new Error(`<${open.at(-1)?.tag}> is never closed`);
	return elements;
}

/** The name by which speech and screen readers know a control: its label's words, as far as this markup has them. */
export function nameOf(control: Element, all: readonly Element[]): string {
	const { attributes, within, tag } = control;
	if (attributes['aria-label']) return attributes['aria-label'];
	if (tag === 'button') return control.text.trim();
	const around = within.find((element) => element.tag === 'label');
	const beside = all.find((element) => element.tag === 'label' && element.attributes.for === attributes.id);
	return ((attributes.id ? beside : undefined) ?? around)?.text.trim() ?? '';
}
