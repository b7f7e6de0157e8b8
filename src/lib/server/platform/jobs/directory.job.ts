import { readDirectory } from '../../people/directory/read-directory';
import { log } from '../log';
import { defineJob } from './define-job';

export const directoryJob = defineJob('directory', async ({ db, config, clock }) => {
	const read = config.directory && (await readDirectory(db, config.directory, clock));
	if (read?.fault) log({ level: 'warn', event: 'directory-not-read', fault: read.fault });
	else if (read) log({ level: 'info', event: 'directory-read', people: read.people });
});
