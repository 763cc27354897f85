export function findChromium(): string | null;
export function ensureChromium(): string;
export const CHROMIUM_FLAGS: string[];
