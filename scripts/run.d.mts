import type { ChildProcess } from "node:child_process";
export const root: string;
export function freePort(wished?: number): Promise<number>;
export function startApplication(port: number): Promise<{ child: ChildProcess; address: string }>;
export function install(): void;
export function build(): void;
