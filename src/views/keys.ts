/** Keys work from a row of alternatives too, which the shortcuts' library would take for a field to type in. */
export const KEYS: { enableOnFormTags: 'radio'[] } = { enableOnFormTags: ['radio'] };
