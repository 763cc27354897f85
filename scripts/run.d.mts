import type { ChildProcess } from "node:child_process";

export const root: string;
export function build(): Promise<void>;
export function run(command: string, args: readonly string[], options?: object): boolean;
export function freePort(wished?: number): Promise<number>;
export function startStandIn(): Promise<{ child: ChildProcess; origin: string }>;
export function startApplication(port: number, standIn?: string): Promise<{ child: ChildProcess; address: string }>;
export function install(): void;
export function wishedPort(usual: number): Promise<number | null>;
