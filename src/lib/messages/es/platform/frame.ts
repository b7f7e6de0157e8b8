import type { AsideTexts, Catalogue } from '../../shapes';

export const frameTexts: Catalogue['frame'] = {
	skip: 'Ir a las preguntas',
	saved: (time) => `Guardado ${time}`,
	saving: 'Guardando …',
	notSaved: 'Todavía sin enviar. Está guardado en este dispositivo y lo enviaremos en cuanto tenga conexión.',
	refused:
		'No hemos podido guardar una respuesta. Escríbala de nuevo, más corta y sin caracteres especiales.',
	ended:
		'Este enlace ya no funciona y no se pueden guardar respuestas nuevas. Pida un enlace nuevo a coordinación.',
	back: 'Atrás',
	byPhone: (name) =>
		name ? `Por teléfono con ${name}: anota lo que se dice.` : 'Estas respuestas se dan por teléfono.',
	toCase: 'Volver al caso',
	theme: { light: 'Claro', dark: 'Oscuro', label: 'Colores' },
	textSize: { label: 'Tamaño del texto', normal: 'normal', large: 'grande', larger: 'más grande' },
	unitLabel: 'Longitudes en',
	unit: { cm: 'centímetros', in: 'pulgadas', mm: 'milímetros' },
	language: 'Idioma',
	pages: 'Páginas',
	contents: 'Contenido',
	together: 'Verlo juntos'
};

export const navTexts: Catalogue['nav'] = {
	next: (page) => `Siguiente: ${page}`,
	on: 'Siguiente',
	skip: 'Omitir',
	how: '¿Cómo?',
	howAndWhy: '¿Por qué?',
	measured: 'Otro',
	minutesLeft: (minutes) => `quedan unos ${minutes} min`,
	almostDone: 'casi listo',
	nothingHere: 'Aquí no hay nada que responder. Siga adelante.',
	finish: 'Ver mi plan',
	fix: (n) => (n === 1 ? 'Revise una respuesta' : `Revise ${n} respuestas`),
	fixLead: 'Todo lo que ha escrito sigue aquí.'
};

export const deviceTexts: Catalogue['device'] = {
	title: 'Seguir en el teléfono',
	lead: 'Es más fácil medir con el teléfono en la mano. Apunte la cámara a este código QR para abrir allí las mismas preguntas. Los dos dispositivos se mantienen al día.',
	link: 'Seguir en el teléfono',
	alt: 'Código QR de su enlace personal',
	care: 'Quien tenga este código puede ver sus respuestas. No lo comparta.'
};

export const lengthFaultTexts: Catalogue['faults'] = {
	title: 'Esto no ha funcionado',
	network: 'No hemos podido abrir la página. Lo que ha escrito está guardado en este dispositivo.',
	noAccess: 'No tiene acceso a esta página',
	toStart: 'Ir a su página de inicio',
	again: 'Intentarlo de nuevo',
	withdrawStill: 'Retirar mis respuestas',
	offline: 'No tiene conexión. Inténtelo de nuevo cuando la tenga.'
};

/** Shown offline instead of a page that needs the server. */
export const offlineTexts: AsideTexts['withoutNetwork'] = {
	title: 'Esta página necesita internet',
	lead: 'No tiene conexión. Sus respuestas están a salvo en este dispositivo y puede seguir.',
	back: 'Volver a mis respuestas'
};

/** Texts of the controls. */
export const controlTexts: Catalogue['kit'] = {
	noMatch: 'Sin resultados.'
};

/** For someone who asks for help. */
export const helpRequestTexts: Catalogue['stuck'] = {
	link: 'Necesito ayuda aquí',
	plan: 'Su plan',
	title: '¿Necesita ayuda? Coordinación le ayudará.',
	lead: (where) => `Verá dónde está usted: ${where}. ¿Cuál es el problema?`,
	call: 'Llámenme, por favor',
	message: (where, text, isCall) =>
		[`Necesito ayuda con: ${where}.`, text.trim(), isCall ? 'Llámenme, por favor.' : '']
			.filter(Boolean)
			.join('\n')
};
