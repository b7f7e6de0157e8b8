/** A mail server with mailboxes in memory, for tests. */
declare module 'hoodiecrow-imap' {
	import type { Server } from 'node:net';
	export default function hoodiecrow(options: {
		/** Messages by mailbox; raw with CR LF. */
		storage: Record<string, { messages: { raw: string }[] }>;
	}): { readonly server: Server };
}
