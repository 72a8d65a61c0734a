/** Keys work from a row of alternatives and from a slider too, which the shortcuts' library would take for fields to type in. */
export const KEYS: { enableOnFormTags: ('radio' | 'slider')[] } = { enableOnFormTags: ['radio', 'slider'] };
