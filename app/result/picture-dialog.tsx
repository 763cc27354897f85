import { useRef, useState } from "react";
import type { Device } from "#core/result/styles";
import type { ResultLimits } from "#core/settings/house-style";
import { Action, MainButton } from "../ui/controls";
import { download } from "../ui/download";
import { Modal } from "../ui/modal";
import { useNotices } from "../ui/notice";
import { DrawnResult } from "./drawn-result";

/** A result that is pictured. */
export interface Pictured {
  /** Its number in a line-up; null for one alone. */
  at: number | null;
  title: string;
  description: string;
  address: string;
  own: boolean;
}

/** Pixels of the picture for each CSS pixel. */
const SHARP = 2;

/** Results as a picture: what is saved or copied is what is shown. */
export default function PictureDialog({
  name,
  results,
  devices,
  query,
  language,
  limits,
  onClose,
}: {
  /** What the file is called. */
  name: string;
  results: readonly Pictured[];
  devices: readonly Device[];
  query: string;
  language: string;
  limits: ResultLimits;
  onClose: () => void;
}) {
  const { notify, fail } = useNotices();
  const drawn = useRef<HTMLDivElement>(null);
  const [working, setWorking] = useState(false);
  const make = async (): Promise<Blob> => {
    if (!drawn.current) throw new Error("Nothing is drawn yet. Try again.");
    const [{ toBlob }, { loadedFonts }] = await Promise.all([import("html-to-image"), import("./loaded-fonts")]);
    const fontEmbedCSS = await loadedFonts();
    const blob = await toBlob(drawn.current, { pixelRatio: SHARP, skipAutoScale: true, fontEmbedCSS });
    if (!blob) throw new Error("This browser could not make a picture of it.");
    return blob;
  };
  const act = async (run: () => Promise<void>) => {
    setWorking(true);
    try {
      await run();
      onClose();
    } catch (error) {
      fail(error);
      setWorking(false);
    }
  };
  const save = async () => {
    const { freeName } = await import("#core/exchange/file-name");
    download(freeName(`${name}.png`, new Set()), new Uint8Array(await (await make()).arrayBuffer()), "image/png");
    notify("The picture is saved");
  };
  const copy = async () => {
    if (!("ClipboardItem" in window))
      throw new Error("This browser cannot put a picture on the clipboard. Save it as a file.");
    await navigator.clipboard.write([new ClipboardItem({ "image/png": make() })]);
    notify("The picture is on the clipboard");
  };
  return (
    <Modal open onOpenChange={(open) => !open && onClose()} title="As a picture" wide>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: it is scrolled by key */}
      <section tabIndex={0} aria-label="The picture" className="mt-3 overflow-x-auto border border-hairline">
        <div ref={drawn} className="inline-block bg-sheet p-5">
          <ol>
            {results.map(({ at, title, description, address, own }) => (
              <li key={`${at} ${title} ${address}`} className="flex gap-x-3 py-2">
                {at !== null && (
                  <span
                    className={`w-6 text-right font-serif text-15 tabular-nums ${own ? "text-blue" : "text-ink-soft"}`}
                  >
                    {at}
                  </span>
                )}
                <span
                  className={`flex gap-x-10 ${own && at !== null ? "border-blue border-l-[3px] pl-3" : "pl-[15px]"}`}
                >
                  {devices.map((device) => (
                    <span key={device} className="block shrink-0" style={{ width: device === "desktop" ? 604 : 336 }}>
                      <DrawnResult
                        title={title}
                        description={description}
                        address={address}
                        query={query}
                        language={language}
                        device={device}
                        limits={limits}
                      />
                    </span>
                  ))}
                </span>
              </li>
            ))}
          </ol>
        </div>
      </section>
      <p className="mt-4 flex items-center gap-5">
        <MainButton busy={working} onClick={() => void act(save)}>
          Save as PNG
        </MainButton>
        <Action busy={working} onClick={() => void act(copy)}>
          Copy to the clipboard
        </Action>
        <Action onClick={onClose}>Cancel</Action>
        <span aria-live="polite" className="text-ink-soft">
          {working && "Drawing it…"}
        </span>
      </p>
    </Modal>
  );
}
