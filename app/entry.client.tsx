import { setNonce } from "get-nonce";
import { StrictMode, startTransition } from "react";
import { hydrateRoot } from "react-dom/client";
import { HydratedRouter } from "react-router/dom";
import { beginRows } from "./store/rows";

// Radix's dialogs add a style element of their own, which the policy lets through with the nonce only.
const nonce = document.querySelector<HTMLScriptElement>("script[nonce]")?.nonce;
if (nonce) setNonce(nonce);

// A site's pages are read while the screen is still being built.
const [, siteId] = /^\/sites\/([^/]+)\/?$/.exec(location.pathname) ?? [];
if (siteId) beginRows(siteId);

startTransition(() => {
  hydrateRoot(
    document,
    <StrictMode>
      <HydratedRouter />
    </StrictMode>,
  );
});
