/**
 * How a fold stands, as attributes to spread: said only where it is open, so that taking the page over by scripts does not close what someone
 * opened before.
 */
export const openAttribute = (isOpen: boolean) => (isOpen ? { open: true } : {});
