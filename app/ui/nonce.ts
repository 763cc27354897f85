import { createContext } from "react";

/** The nonce of this answer's Content-Security-Policy; undefined in the browser, which hides it. */
export const NonceContext = createContext<string | undefined>(undefined);
