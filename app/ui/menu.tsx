import { DropdownMenu } from "radix-ui";
import { type ReactElement, type ReactNode, useState } from "react";
import { Link } from "react-router";
import { isTyped } from "./focus-on";

/**
 * What a button opens: a list of what can be done. It stands in the landmark of its button and hides nothing of the screen from
 * listeners, as the menu button of the ARIA Authoring Practices does: only a dialog is modal.
 */
export function Menu({
  trigger,
  side = "bottom",
  align = "start",
  children,
}: {
  /** A button. */
  trigger: ReactElement;
  side?: "bottom" | "right";
  align?: "start" | "end";
  children: ReactNode;
}) {
  const [button, setButton] = useState<HTMLButtonElement | null>(null);
  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger ref={setButton} asChild>
        {trigger}
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal container={button?.closest<HTMLElement>("main, nav")}>
        <DropdownMenu.Content
          side={side}
          align={align}
          sideOffset={4}
          collisionPadding={8}
          // What was chosen may have opened a field: the focus stays there.
          onCloseAutoFocus={(event) => {
            if (document.activeElement && isTyped(document.activeElement)) event.preventDefault();
          }}
          className="floating z-50 max-h-(--radix-dropdown-menu-content-available-height) min-w-56 max-w-[94vw] overflow-y-auto p-1.5 text-13"
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

const itemClass =
  "block cursor-default rounded px-2.5 py-1.5 outline-none data-[highlighted]:bg-tint data-[highlighted]:shadow-[inset_2px_0_0_var(--ink)]";

export function MenuItem({
  disabled,
  onChoose,
  children,
}: {
  disabled?: boolean;
  onChoose: () => void;
  children: ReactNode;
}) {
  return (
    <DropdownMenu.Item className={itemClass} disabled={disabled} onSelect={onChoose}>
      {children}
    </DropdownMenu.Item>
  );
}

/** An item that leads somewhere. */
export function MenuLink({ to, children }: { to: string; children: ReactNode }) {
  return (
    <DropdownMenu.Item className={itemClass} asChild>
      <Link to={to}>{children}</Link>
    </DropdownMenu.Item>
  );
}

/** A line between items that belong together and others. */
export function MenuLine() {
  return <DropdownMenu.Separator className="my-1.5 h-px bg-hairline" />;
}
