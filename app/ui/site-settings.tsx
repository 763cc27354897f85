import { type SyntheticEvent, useState } from "react";
import { act } from "../store/act";
import type { SiteRecord } from "../store/db";
import { fieldClass, MainButton, Modal } from "./controls";
import { useNotices } from "./notice";

/** The site's name, and what stands behind its titles. */
export function SiteSettings({
  site,
  open,
  onOpenChange,
}: {
  site: SiteRecord;
  open: boolean;
  onOpenChange: (open: boolean) => void;
}) {
  const { fail } = useNotices();
  const [name, setName] = useState(site.name);
  const [brand, setBrand] = useState(site.houseStyle.brand);
  const [separator, setSeparator] = useState(site.houseStyle.separator);
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    try {
      const after: SiteRecord = {
        ...site,
        name: name.trim(),
        houseStyle: { ...site.houseStyle, brand: brand.trim(), separator },
      };
      await act(site.id, "Name and title ending", [{ table: "sites", key: site.id, after }]);
      onOpenChange(false);
    } catch (error) {
      fail(error);
    }
  };
  return (
    <Modal
      open={open}
      onOpenChange={onOpenChange}
      title="Name and title ending"
      description="The name that titles of this site end in. Findings about it appear as pages are opened."
    >
      <form onSubmit={(event) => void save(event)} className="mt-4 grid gap-3">
        <label className="grid gap-1">
          Site’s name
          <input className={fieldClass} value={name} onChange={(e) => setName(e.target.value)} />
        </label>
        <label className="grid gap-1">
          Behind each title stands
          <input className={fieldClass} value={brand} onChange={(e) => setBrand(e.target.value)} />
        </label>
        <label className="grid gap-1">
          With this between, spaces included
          <input className={`${fieldClass} w-24`} value={separator} onChange={(e) => setSeparator(e.target.value)} />
        </label>
        <MainButton type="submit" className="justify-self-start">
          Keep
        </MainButton>
      </form>
    </Modal>
  );
}
