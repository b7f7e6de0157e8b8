/**
 * How a fold stands, as attributes to spread: said only where it is open, so that taking the page over by scripts does not close what somebody
 * opened before.
 */
export const folded = (isOpen: boolean) => (isOpen ? { open: true } : {});
