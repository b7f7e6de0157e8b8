/** A fold's state as attributes to spread: set only where it is open, so that hydration does not close what someone opened before. */
export const openAttribute = (isOpen: boolean) => (isOpen ? { open: true } : {});
