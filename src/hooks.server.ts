import { sequence } from '@sveltejs/kit/hooks';
import { answerWithoutDatabase } from '$lib/server/platform/hooks/answer-without-database';
import { compress } from '$lib/server/platform/hooks/compress';
import { explainError } from '$lib/server/platform/hooks/explain-error';
import { guardDesk } from '$lib/server/platform/hooks/guard-desk';
import { limitBody } from '$lib/server/platform/hooks/limit-body';
import { limitWrites } from '$lib/server/platform/hooks/limit-writes';
import { logRequest } from '$lib/server/platform/hooks/log-request';
import { recordLists } from '$lib/server/platform/hooks/record-lists';
import { refuseOtherSites } from '$lib/server/platform/hooks/refuse-other-sites';
import { renderPage } from '$lib/server/platform/hooks/render-page';
import { setHeaders } from '$lib/server/platform/hooks/set-headers';
import { setLocals } from '$lib/server/platform/hooks/set-locals';
import { startProcess } from '$lib/server/platform/hooks/start-process';
import { stopOnEmergency } from '$lib/server/platform/hooks/stop-on-emergency';

export const init = startProcess;

export const handleError = explainError;

/** Each passes a request on to the next, or answers it; a response goes back the same way. */
export const handle = sequence(
	answerWithoutDatabase,
	compress,
	logRequest,
	setLocals,
	setHeaders,
	recordLists,
	refuseOtherSites,
	guardDesk,
	limitWrites,
	stopOnEmergency,
	limitBody,
	renderPage
);
