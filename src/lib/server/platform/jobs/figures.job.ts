import { countDueFigures } from '../../workforce/count-due-figures';
import { defineJob } from './define-job';

export const figuresJob = defineJob('figures', ({ db, figures, clock }, shouldContinue) =>
	countDueFigures({ db, figures }, clock, shouldContinue)
);
