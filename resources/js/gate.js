// The gate of a step, as the server has it: a reading that is a number within the limits opens the way. tests/files/gates.json holds both to one table.

/** A decimal number as people type it: comma or point, a minus of either kind, spaces between thousands. */
const NUMBER = /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i;

/** @param {string} typed @param {string} low '' for no limit @param {string} high */
export function opens(typed, low, high) {
    const plain = typed.replace(/[\s\u202f\u00a0]/g, '').replaceAll('\u2212', '-').replaceAll(',', '.');
    const value = Number(plain);
    return NUMBER.test(plain) && Number.isFinite(value) && !((low !== '' && value < Number(low)) || (high !== '' && value > Number(high)));
}
