/** ISO 8601 date of today. */
export const today = () => new Date().toISOString().slice(0, 10);
