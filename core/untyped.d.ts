// Packages without types of their own.
declare module "html-encoding-sniffer" {
  export default function sniff(
    bytes: Uint8Array,
    options?: { xml?: boolean; transportLayerEncodingLabel?: string; defaultEncoding?: string },
  ): string;
}
declare module "fontkit" {
  export function create(bytes: Uint8Array): unknown;
}
declare module "wink-porter2-stemmer" {
  export default function stem(word: string): string;
}
