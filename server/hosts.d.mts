export function isServed(host: string | null | undefined): boolean;
