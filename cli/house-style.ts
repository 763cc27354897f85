import { DEFAULT_HOUSE_STYLE, type HouseStyle } from "#core/settings/house-style";
import { CommandFault } from "./fault.ts";
import { textOf } from "./files.ts";

/** The house style of a file; the usual one where none is named. */
export async function readStyle(file: string | undefined): Promise<HouseStyle> {
  if (!file) return DEFAULT_HOUSE_STYLE;
  let value: unknown;
  try {
    value = JSON.parse(textOf(file));
  } catch (error) {
    if (error instanceof CommandFault) throw error;
    throw new CommandFault(`${file} is no house style: ${(error as Error).message}`);
  }
  // What checks it is loaded where a file is named: it takes longer than a small audit.
  const { checkHouseStyle } = await import("#core/exchange/house-style-file");
  const checked = checkHouseStyle(value);
  if ("reason" in checked) throw new CommandFault(`${file}: ${checked.reason}`);
  return checked.houseStyle;
}
