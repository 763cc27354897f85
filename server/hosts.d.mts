export function isLoopback(host: string | null | undefined): boolean;
export function isServed(host: string | null | undefined): boolean;
