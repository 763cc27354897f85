import { Checkbox } from "radix-ui";

/** A box to be ticked. `inGrid` leaves it out of the order of Tab, where a grid moves by itself. */
export function Tick({
  label,
  checked,
  onChange,
  inGrid = false,
}: {
  label: string;
  checked: boolean;
  onChange: (shift: boolean) => void;
  inGrid?: boolean;
}) {
  return (
    <Checkbox.Root
      aria-label={label}
      checked={checked}
      tabIndex={inGrid ? -1 : undefined}
      onClick={(event) => onChange(event.shiftKey)}
      className="group/tick -m-1 grid h-6 w-6 place-items-center"
    >
      <span className="grid h-4 w-4 place-items-center border border-graphite group-data-[state=checked]/tick:border-ink group-data-[state=checked]/tick:bg-ink">
        <Checkbox.Indicator className="text-[0.6875rem] text-sheet leading-none">✓</Checkbox.Indicator>
      </span>
    </Checkbox.Root>
  );
}
