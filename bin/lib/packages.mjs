import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statfsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { exec } from './exec.mjs';
import { packageProgram, root } from './paths.mjs';
import { PlainFault, withProgress } from './say.mjs';

/** Space that the packages, the build and the database need, in bytes. */
const ROOM = 700 * 1024 * 1024;

/** Refuses to start on a disk that would fill up half-way. */
export function needRoom() {
	const { bavail, bsize } = statfsSync(root);
	if (bavail * bsize < ROOM)
		throw new PlainFault(
			'Less than 700 MB are free on this disk: free some space and run the command again.'
		);
}

/** Folder of PostgreSQL's server programs, of the newest version installed; null where there is none. */
export function postgresBin() {
	const base = '/usr/lib/postgresql';
	if (process.env.PGBIN) return process.env.PGBIN;
	if (!existsSync(base)) return null;
	const versions = readdirSync(base)
		.filter((v) => existsSync(join(base, v, 'bin', 'postgres')))
		.sort((a, b) => Number(b) - Number(a));
	return versions[0] ? join(base, versions[0], 'bin') : null;
}

/** Where Debian puts Chromium. */
export const CHROMIUM = '/usr/bin/chromium';

/** The same engine without a window around it, in a package of its own: tests take an eighth less with it. */
const HEADLESS_SHELL = '/usr/bin/chromium-headless-shell';

/** Installs what the browser tests run in: the headless shell, or Chromium itself where Debian has no shell. */
export async function needTestChromium() {
	if (existsSync(HEADLESS_SHELL)) return;
	try {
		await needDebianPackage('chromium-headless-shell', () => existsSync(HEADLESS_SHELL));
	} catch (thrown) {
		if (!(thrown instanceof PlainFault)) throw thrown;
		await needDebianPackage('chromium', () => existsSync(CHROMIUM));
	}
}

/** What the browser tests run in: the headless shell where it is installed. */
export const TEST_CHROMIUM = existsSync(HEADLESS_SHELL) ? HEADLESS_SHELL : CHROMIUM;

/**
 * How this user may install Debian packages: the words before `apt-get`, or null.
 * @returns {Promise<string[] | null>}
 */
async function installer() {
	if (!existsSync('/usr/bin/apt-get')) return null;
	if (process.getuid?.() === 0) return [];
	if ((await exec('sudo', ['-n', 'true'])).code === 0) return ['sudo', '-n'];
	return process.stdin.isTTY && existsSync('/usr/bin/sudo') ? ['sudo'] : null;
}

/** @param {string[]} as @param {string[]} args */
function aptGet(as, args) {
	const words = [...as, 'env', 'DEBIAN_FRONTEND=noninteractive', 'apt-get', '-y', ...args];
	return exec(words[0] ?? 'env', words.slice(1), { inherit: as.length === 1 });
}

/**
 * Installs a Debian package unless what it provides is there.
 * @param {string} name the package
 * @param {() => boolean} isThere
 */
export async function needDebianPackage(name, isThere) {
	if (isThere()) return;
	const byHand = `install it with "apt-get install ${name}" and run the command again.`;
	const as = await installer();
	if (!as)
		throw new PlainFault(`Debian's package ${name} is missing and this user may not install it: ${byHand}`);
	await withProgress(`Installing Debian's package ${name}`, async () => {
		const install = () => aptGet(as, ['install', '--no-install-recommends', name]);
		if ((await install()).code === 0 && isThere()) return;
		await aptGet(as, ['update']);
		const { code } = await install();
		if (code !== 0 || !isThere())
			throw new PlainFault(`Debian's package ${name} could not be installed: ${byHand}`);
	});
}

/** @param {string | Buffer} content */
function hash(content) {
	return createHash('sha256').update(content).digest('hex');
}

/**
 * Writes the settings that TypeScript's own extend: whatever runs the sources needs them (the build as much as the demo's data), and a
 * fresh clone doesn't have them.
 */
async function needTypeSettings() {
	if (existsSync(join(root, '.svelte-kit', 'tsconfig.json'))) return;
	const { code, output } = await exec(packageProgram('svelte-kit'), ['sync'], { cwd: root });
	if (code !== 0) throw new PlainFault(`The sources could not be prepared: ${output.trim()}`);
}

/** Installs the npm packages of the lockfile, unless exactly those are installed, and makes the sources ready to run. */
export async function needNpmPackages() {
	await needLockedPackages();
	await needTypeSettings();
}

async function needLockedPackages() {
	const mark = join(root, 'node_modules', '.easy-corner-lock');
	const wanted = hash(readFileSync(join(root, 'package-lock.json')));
	if (existsSync(mark) && readFileSync(mark, 'utf8') === wanted) return;
	await withProgress('Installing npm packages', async () => {
		const { code, output } = await exec('npm', ['ci', '--no-fund', '--no-audit'], { cwd: root });
		if (code !== 0) {
			const reason = output.split('\n').find((line) => /npm (?:error|ERR!)/.test(line)) ?? 'npm ci failed';
			throw new PlainFault(
				`The npm packages could not be installed (${reason.trim()}): check the network and try again.`
			);
		}
	});
	writeFileSync(mark, wanted);
}

/** Hash over everything that the build reads. */
function sourceHash() {
	const sum = createHash('sha256');
	const visit = (/** @type {string} */ path) => {
		for (const entry of readdirSync(path, { withFileTypes: true }).sort((a, b) =>
			a.name < b.name ? -1 : 1
		)) {
			const full = join(path, entry.name);
			if (entry.isDirectory()) visit(full);
			else if (!entry.name.endsWith('.test.ts'))
				sum.update(full.slice(root.length)).update(readFileSync(full));
		}
	};
	visit(join(root, 'src'));
	visit(join(root, 'static'));
	visit(join(root, 'cli'));
	for (const file of ['package-lock.json', 'svelte.config.js', 'vite.config.ts', 'vite.app.config.ts'])
		sum.update(readFileSync(join(root, file)));
	return sum.digest('hex');
}

/** Builds the application, unless the existing build is of exactly these sources. */
export async function needBuild() {
	const mark = join(root, 'build', '.source-hash');
	const wanted = sourceHash();
	if (existsSync(mark) && readFileSync(mark, 'utf8') === wanted) return;
	await withProgress('Building the application', async () => {
		const { code, output } = await exec(packageProgram('vite'), ['build'], {
			cwd: root,
			env: { ...process.env, KIT_DIR: '.svelte-kit/build' }
		});
		const command =
			code === 0
				? await exec(packageProgram('vite'), ['build', '--config', 'vite.app.config.ts'], { cwd: root })
				: { code, output };
		if (command.code !== 0) {
			process.stderr.write(command.output);
			throw new PlainFault('The application could not be built: see the lines above.');
		}
	});
	writeFileSync(mark, wanted);
}
