const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** Is this part of an address an id at all? Anything else is simply not there. */
export const isId = (text: string) => UUID.test(text);
