import { createServer, type Server, type Socket } from 'node:net';

/** A letter as a mail server took it. */
export interface TakenMail {
	readonly to: string;
	readonly data: string;
}

/** As much of a mail server (RFC 5321) as it takes to be handed letters: no login, no encryption, on loopback. */
export class SmtpStandIn {
	readonly taken: TakenMail[] = [];
	/** What is answered to a receiver's address; 250 takes it, and null leaves it without an answer for ever. */
	answer: (to: string) => string | null = () => '250 ok';
	/** Where it breaks off the connection with a receiver's letter: before its text was sent, or once it has it, without a word. */
	breaksOff: (to: string) => 'before' | 'after' | null = () => null;
	/** So long each answer takes, ms: the way to a server and back. */
	delayMs = 0;
	private readonly server: Server;
	private readonly open = new Set<Socket>();

	private constructor() {
		this.server = createServer((socket) => this.talk(socket));
	}

	/** Starts one on a free port. */
	static async start(): Promise<SmtpStandIn> {
		const made = new SmtpStandIn();
		await new Promise<void>((resolve) => made.server.listen(0, '127.0.0.1', resolve));
		return made;
	}

	/** Its address, for the program's setting. */
	get url(): string {
		const address = this.server.address();
		return `smtp://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}`;
	}

	/** Stops it, and ends the connections that are kept open. */
	async stop(): Promise<void> {
		const closed = new Promise((resolve) => this.server.close(resolve));
		for (const socket of this.open) socket.destroy();
		await closed;
	}

	private talk(socket: Socket): void {
		let [rest, to, data] = ['', '', null as string[] | null];
		const say = (line: string) => {
			const write = () => void socket.write(`${line}\r\n`);
			if (this.delayMs > 0) setTimeout(write, this.delayMs);
			else write();
		};
		say('220 stand-in');
		this.open.add(socket);
		socket.on('close', () => this.open.delete(socket));
		socket.on('error', () => {});
		socket.on('data', (bytes) => {
			rest += bytes.toString('utf8');
			for (let end = rest.indexOf('\r\n'); end >= 0; end = rest.indexOf('\r\n')) {
				const line = rest.slice(0, end);
				rest = rest.slice(end + 2);
				if (data) {
					if (line !== '.') data.push(line);
					else {
						this.taken.push({ to, data: data.join('\r\n') });
						data = null;
						if (this.breaksOff(to) === 'after') socket.destroy();
						else say('250 taken');
					}
				} else if (/^RCPT TO:/i.test(line)) {
					to = /<([^>]*)>/.exec(line)?.[1] ?? '';
					const answer = this.answer(to);
					if (this.breaksOff(to) === 'before') socket.destroy();
					else if (answer !== null) say(answer);
				} else if (/^DATA/i.test(line)) {
					data = [];
					say('354 go on');
				} else if (/^QUIT/i.test(line)) {
					say('221 bye');
					socket.end();
				} else say('250 ok');
			}
		});
	}
}
