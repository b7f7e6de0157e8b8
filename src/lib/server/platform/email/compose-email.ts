import type { Organisation } from '../../../core/platform/organisation';
import { isEmployeeEmail } from '../../../core/platform/sending/email-kinds';
import { emailButton, emailFrame, STOPPABLE_KINDS, subjectLine } from '../../../messages/emails';
import type { Logo } from '../organisation/read-organisation';
import type { QueuedEmail } from './queue-email';

function escaped(text: string): string {
	return text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);
}

export type EmailToCompose = Pick<QueuedEmail, 'kind' | 'language' | 'subject' | 'body'>;

/** An email as it arrives. */
export interface ComposedEmail {
	/** The sender's name in a mailbox; empty to show only the address. */
	readonly fromName: string;
	/** Address for replies; empty for the sender's address. */
	readonly replyTo: string;
	readonly subject: string;
	readonly text: string;
	readonly html: string;
	/** URL where a mail program can stop reminders with one request (RFC 8058); empty where there are none to stop. */
	readonly stopAddress: string;
}

/** Content id of the logo in an email. RFC 2392. */
export const LOGO_CID = 'logo@easy-corner';

/** What surrounds an email's own text. */
export interface EmailSetting {
	readonly organisation: Organisation;
	/** The logo, with the address it is shown from; null for none. */
	readonly logo: (Pick<Logo, 'widthPx' | 'heightPx'> & { readonly address: string }) | null;
	/** The button's URL; null where an email has none. */
	readonly link: string | null;
}

/** The URL for stopping reminders, derived from the link of a reminder. */
function stopAddressOf(kind: EmailToCompose['kind'], link: string | null): string {
	const personal = /^[^?#]*\/c\/[^/?#]+/.exec(link ?? '')?.[0];
	return personal && STOPPABLE_KINDS.includes(kind) ? `${personal}/reminders` : '';
}

/** Plain text is wrapped before this many characters, as RFC 5322 (2.1.1) recommends. */
const TEXT_WIDTH = 76;

/** A paragraph wrapped for every mail program. A URL is never broken. */
function wrapped(paragraph: string): string {
	return paragraph
		.split('\n')
		.map((line) => {
			const lines = [''];
			for (const word of line.split(' ')) {
				const last = lines.at(-1) ?? '';
				const joined = last === '' ? word : `${last} ${word}`;
				if (joined.length > TEXT_WIDTH && last !== '') lines.push(word);
				else lines[lines.length - 1] = joined;
			}
			return lines.join('\n');
		})
		.join('\n');
}

/**
 * An email as it arrives: its text, its button, the sender and how to tell that it is genuine, as plain text and as HTML. The HTML is a
 * single column that any mail program can show; nothing is loaded from elsewhere, and with images off, the organisation's name stands in
 * place of the logo.
 */
export function composeEmail(
	email: EmailToCompose,
	{ organisation, logo, link }: EmailSetting
): ComposedEmail {
	const { kind, language } = email;
	const stopAddress = stopAddressOf(kind, link);
	const frame = emailFrame(kind, organisation, language, stopAddress);
	const button = emailButton(kind, language);
	const { name, contactName, replyTo } = organisation;
	const fromName = [isEmployeeEmail(kind) ? contactName : '', name].filter((part) => part !== '').join(', ');
	const subject = subjectLine(email.subject, organisation);
	const belowButton = link ? frame.belowButton : '';
	const textParts = [
		...email.body.split('\n\n').map(wrapped),
		link ? `${button}:\n${link}` : '',
		belowButton,
		frame.signature.join('\n'),
		frame.notes.length > 0 ? `-- \n${frame.notes.map(wrapped).join('\n')}` : ''
	];
	return {
		fromName,
		replyTo,
		subject,
		stopAddress,
		text: `${textParts.filter((part) => part !== '').join('\n\n')}\n`,
		html: htmlOf({
			subject,
			language,
			body: email.body,
			button,
			link,
			belowButton,
			organisation,
			logo,
			frame
		})
	};
}

interface HtmlParts {
	readonly subject: string;
	readonly language: string;
	readonly body: string;
	readonly button: string;
	readonly link: string | null;
	readonly belowButton: string;
	readonly organisation: Organisation;
	readonly logo: EmailSetting['logo'];
	readonly frame: ReturnType<typeof emailFrame>;
}

const NOTE = 'margin:0 0 8px;font-size:13px;color:#4A5762';

function htmlOf(parts: HtmlParts): string {
	const { subject, language, body, button, link, belowButton, organisation, logo, frame } = parts;
	const withBreaks = (text: string) => escaped(text).replaceAll('\n', '<br>');
	const head =
		logo === null
			? organisation.name && `<p style="margin:0 0 24px;font-weight:bold">${escaped(organisation.name)}</p>`
			: `<p style="margin:0 0 24px"><img src="${escaped(logo.address)}" alt="${escaped(organisation.name)}" width="${Math.round(logo.widthPx / 2)}" height="${Math.round(logo.heightPx / 2)}" style="font-weight:bold"></p>`;
	const paragraphs = body.split('\n\n').map((text) => `<p style="margin:0 0 16px">${withBreaks(text)}</p>`);
	const linked = link
		? [
				`<p style="margin:24px 0"><a href="${escaped(link)}" style="display:inline-block;padding:12px 20px;background:#22303C;color:#FFFDF7;text-decoration:none;font-weight:bold">${escaped(button)}</a></p>`,
				belowButton && `<p style="${NOTE}">${escaped(belowButton)}</p>`
			]
		: [];
	const signature =
		frame.signature.length > 0
			? `<p style="margin:24px 0 0">${frame.signature.map(escaped).join('<br>')}</p>`
			: '';
	const notes = frame.notes.map((note) => `<p style="${NOTE}">${escaped(note)}</p>`);
	return [
		'<!doctype html>',
		`<html lang="${escaped(language)}">`,
		`<head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${escaped(subject)}</title></head>`,
		'<body style="margin:0;padding:24px;background:#F6F3EA;color:#22303C;font:16px/1.5 sans-serif">',
		'<div style="max-width:36em;margin:0 auto;padding:24px;background:#FFFDF7">',
		head,
		...paragraphs,
		...linked,
		signature,
		'<hr style="margin:24px 0 16px;border:0;border-top:1px solid #D9D3C3">',
		...notes,
		'</div>',
		'</body>',
		'</html>',
		''
	]
		.filter((line, i, all) => line !== '' || i === all.length - 1)
		.join('\n');
}
