import { setNonce } from "get-nonce";
import { StrictMode, startTransition } from "react";
import { hydrateRoot } from "react-dom/client";
import { HydratedRouter } from "react-router/dom";

// Radix's dialogs add a style element of their own, which the policy lets through with the nonce only.
const nonce = document.querySelector<HTMLScriptElement>("script[nonce]")?.nonce;
if (nonce) setNonce(nonce);

startTransition(() => {
  hydrateRoot(
    document,
    <StrictMode>
      <HydratedRouter />
    </StrictMode>,
  );
});
