/** Token under which the handlers are injected, by the type of their action. */
export const HANDLERS = Symbol('handlers');
