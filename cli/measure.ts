import { countCharacters } from "#core/measure/cut";
import { setDescription, setTitle } from "#core/result/result";
import type { Device } from "#core/result/styles";
import { DEFAULT_LIMITS } from "#core/settings/house-style";

export function measureCommand(text: string, options: { format: "text" | "json" }): void {
  const devices: Device[] = ["desktop", "mobile"];
  const measure = (set: typeof setTitle) =>
    Object.fromEntries(
      devices.map((device) => {
        const { px, shown, lost } = set(text, device, DEFAULT_LIMITS);
        return [device, { px: Math.round(px * 100) / 100, shown, lost }];
      }),
    );
  const result = {
    version: 1,
    text,
    characters: countCharacters(text),
    title: measure(setTitle),
    description: measure(setDescription),
  };
  if (options.format === "json") {
    process.stdout.write(`${JSON.stringify(result, null, 2)}\n`);
    return;
  }
  const lines = [`${result.characters} characters`];
  for (const field of ["title", "description"] as const) {
    for (const device of devices) {
      const m = result[field][device];
      const fate = m?.lost ? `shown as “${m.shown}”, loses “${m.lost}”` : "shown whole";
      lines.push(`${field} on ${device}: ${m?.px} px, ${fate}`);
    }
  }
  process.stdout.write(`${lines.join("\n")}\n`);
}
