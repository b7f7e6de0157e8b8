import type { AsideTexts, Catalogue } from '../../shapes';

export const withdrawalTexts: AsideTexts['withdraw'] = {
	title: '¿Retirar sus respuestas?',
	lead: 'En cuanto pulse el botón, borramos lo que nos ha dado: respuestas, planes, seguimientos, solicitudes, mensajes y enlaces. Es definitivo.',
	stays:
		'Queda lo siguiente: que se le preguntó, que retiró sus respuestas y las notas de coordinación sobre sus conversaciones. También quedan líneas del registro sin su nombre, totales en informes anteriores y, por un tiempo, copias de seguridad.',
	signStays: 'Una señal de alarma que haya indicado también queda con coordinación hasta que le localicen.',
	confirm: 'Retirar todo',
	keep: 'Conservar mis respuestas',
	doneTitle: 'Sus respuestas se han retirado',
	doneLead: 'Hemos borrado sus respuestas y sus enlaces ya no funcionan. Puede cerrar esta página.'
};

export const reminderTexts: AsideTexts['reminders'] = {
	title: 'Recordatorios',
	coming: 'Le enviamos recordatorios mientras una autoevaluación o un seguimiento esté sin responder.',
	stopped: 'Ya no le enviamos recordatorios.',
	others: 'Sigue recibiendo los mensajes de coordinación, y pueden llamarle.',
	stop: 'Dejar de recibir recordatorios',
	resume: 'Volver a recibir recordatorios',
	back: 'Volver a mi página'
};

export const ownRequestTexts: AsideTexts['equipment'] = {
	title: 'Equipo que ha solicitado',
	lead: 'El equipo de coordinación decide sobre cada solicitud. Le escribiremos cuando haya novedades.',
	none: 'No ha solicitado ningún equipo.',
	withdraw: 'Retirar la solicitud',
	address: '¿Dónde debe entregarse?',
	addressHint: 'La ven el equipo de coordinación y el proveedor. La borramos en cuanto llega el pedido.',
	save: 'Guardar la dirección',
	saved: 'Guardada. El equipo de coordinación ve la dirección junto a sus solicitudes.',
	eyeTest: 'Revisión de la vista',
	entitled: (months) =>
		`Puede hacerse una revisión de la vista sin coste para usted${months === null ? '' : months === 1 ? ', cada mes' : `, cada ${months} meses`}, y antes si tiene molestias en los ojos.`,
	law: (law) => `Se basa en: ${law}.`,
	ask: 'Pedir una revisión de la vista',
	lastDone: (day) => `Su última revisión consta con fecha ${day}.`,
	eyeTestAsked: 'Ha pedido una revisión de la vista. El equipo de coordinación la organizará con usted.'
};

export const messageTexts: Catalogue['messages'] = {
	title: 'Mensajes',
	lead: 'Mensajes entre usted y coordinación. Los pueden leer las personas que coordinan y, si se le deriva a un médico, también este.',
	left: 'Su autoevaluación está cerrada. Aquí todavía puede leer y escribir.',
	none: 'Todavía no hay mensajes.',
	you: 'Usted',
	yourCoordinator: 'Coordinación',
	write: 'Escribir a coordinación',
	care: 'Esto no es para emergencias. Si algo no puede esperar, llame al número de emergencias.',
	send: 'Enviar el mensaje',
	back: 'Volver a mi página',
	link: 'Mensajes',
	equipment: 'Solicitudes de equipo',
	equipmentAndTest: 'Equipo y revisión de la vista',
	eyeTest: 'una revisión de la vista',
	eyeTestDone: 'hecha',
	requestStates: {
		asked: 'solicitud pendiente',
		approved: 'solicitud aceptada',
		ordered: 'pedido hecho',
		declined: 'solicitud rechazada',
		sent: 'en camino',
		arrived: 'entrega hecha',
		returned: 'devolución hecha'
	}
};
