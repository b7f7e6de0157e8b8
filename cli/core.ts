import { readDocument, readLines } from './read-input';
import { runCommand } from './run-command';

/** The core on the command line; see README, "The command line". */
process.exitCode = await runCommand(process.argv.slice(2), {
	document: (largestBytes) => readDocument(process.stdin, largestBytes),
	lines: () => readLines(process.stdin),
	out: (text) => process.stdout.write(text),
	err: (text) => process.stderr.write(text)
});
