import { useFiles } from "../store/files";
import { Thumbnail } from "../ui/thumbnail";

/** The picture at the side of a result: shown where its file was brought in, an empty frame elsewhere; none is ever fetched. */
export function PictureAtSide({ siteId, address }: { siteId: string; address: string }) {
  const path = URL.canParse(address) ? new URL(address).pathname : "";
  const files = useFiles(siteId, [path]);
  return (
    <span title={address} className="ml-auto shrink-0">
      <span className="sr-only">with a picture at its side: {address}</span>
      <Thumbnail small file={files.get(path)} />
    </span>
  );
}
