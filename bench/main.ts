import { benchArchive } from './archive';
import { benchAttack } from './attack';
import { benchBodies } from './bodies';
import { benchCrash } from './crash';
import { benchCore } from './core';
import { benchDesk } from './desk';
import { benchFiguresAge } from './figures-age';
import { benchLoad } from './load';
import { benchMillion } from './million';
import { benchMoving } from './moving';
import { benchPage } from './page';
import { benchPolicy } from './policy';
import { benchPost } from './post';
import { benchRound } from './round';
import { benchSilence } from './silence';
import { benchStreams } from './streams';
import { benchSubmits } from './submits';
import { benchTogether } from './together';
import { benchUpdate } from './update';
import { benchWalk } from './walk';
import { benchWorkforce } from './workforce';

/** Runs the named benchmarks, or all; one JSON line each. */
const BENCHES: Readonly<Record<string, () => Promise<void> | void>> = {
	archive: benchArchive,
	attack: benchAttack,
	bodies: benchBodies,
	core: benchCore,
	crash: benchCrash,
	'figures-age': benchFiguresAge,
	page: benchPage,
	walk: benchWalk,
	desk: async () => {
		await benchDesk();
		await benchUpdate();
	},
	load: benchLoad,
	million: benchMillion,
	moving: benchMoving,
	policy: benchPolicy,
	post: benchPost,
	round: benchRound,
	silence: benchSilence,
	streams: benchStreams,
	submits: benchSubmits,
	together: benchTogether,
	update: benchUpdate,
	workforce: benchWorkforce
};

const wanted = process.argv.slice(2);
const unknown = wanted.find((name) => !Object.hasOwn(BENCHES, name));
if (unknown) {
	process.stderr.write(`usage: npm run bench [-- ${Object.keys(BENCHES).join(' | ')}]\n`);
	process.exitCode = 1;
} else
	for (const [name, bench] of Object.entries(BENCHES))
		if (wanted.length === 0 || wanted.includes(name)) await bench();
