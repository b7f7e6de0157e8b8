import type { QueuedEmail } from './queue-email';

function escaped(text: string): string {
	return text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);
}

/** Words on the button, and the address behind it; null where a letter has none. */
export interface LetterLink {
	readonly words: string;
	readonly address: string;
}

/** A letter as plain text: the paragraphs, then the link on a line of its own. */
export function letterText(letter: Pick<QueuedEmail, 'body'>, link: LetterLink | null): string {
	return link ? `${letter.body}\n\n${link.words}: ${link.address}\n` : `${letter.body}\n`;
}

/** A letter as HTML that any mail program shows: one column, no picture, nothing loaded from anywhere. */
export function letterHtml(letter: Pick<QueuedEmail, 'subject' | 'body'>, link: LetterLink | null): string {
	const paragraphs = letter.body
		.split('\n\n')
		.map((text) => `<p style="margin:0 0 16px">${escaped(text).replaceAll('\n', '<br>')}</p>`)
		.join('\n');
	const button = link
		? `<p style="margin:24px 0"><a href="${escaped(link.address)}" style="display:inline-block;padding:12px 20px;background:#22303C;color:#FFFDF7;text-decoration:none;font-weight:bold">${escaped(link.words)}</a></p>`
		: '';
	return `<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>${escaped(letter.subject)}</title></head>
<body style="margin:0;padding:24px;background:#F6F3EA;color:#22303C;font:16px/1.5 sans-serif">
<div style="max-width:36em;margin:0 auto;padding:24px;background:#FFFDF7">
${paragraphs}
${button}
</div>
</body>
</html>
`;
}
