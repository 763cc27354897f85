import "@fontsource/arimo/400.css";
import "@fontsource/arimo/700.css";
import "@fontsource/roboto/400.css";
import "@fontsource/roboto/700.css";
import "@fontsource/newsreader/400.css";
import "@fontsource/newsreader/500.css";
import "@fontsource/instrument-sans/400.css";
import "@fontsource/instrument-sans/500.css";
import "@fontsource/instrument-sans/600.css";
import "@fontsource/jetbrains-mono/400.css";
import "./app.css";
import { Tooltip } from "radix-ui";
import { type ReactNode, use, useEffect } from "react";
import { isRouteErrorResponse, Links, Meta, Outlet, Scripts, ScrollRestoration, useRouteError } from "react-router";
import type { Route } from "./+types/root";
import { isNotHere, type NotHere } from "./not-here";
import { StorageFault } from "./store/storage-fault";
import { titled } from "./titled";
import { AskWhenLeft } from "./ui/ask-when-left";
import { leaveComposing } from "./ui/composing";
import { NonceContext } from "./ui/nonce";
import { NoticeProvider } from "./ui/notice";
import { StorageLost } from "./ui/storage-lost";
import { showTheme, THEMES } from "./ui/theme";

const THEME = `try{var t=localStorage.getItem("theme");if(t)(${showTheme})(t)}catch(e){}`;

/** The paper of each theme, which app.css has too, for the browser's own frame. */
const PAPERS = { light: "#faf7f0", dark: "#171a20" } as const;

/** Of an address that leads nowhere, and of what went wrong. */
export const meta: Route.MetaFunction = ({ error }) => (error ? titled(explain(error).heading) : titled());

const DESCRIPTION =
  "Edit the words your pages show to search engines: titles, descriptions, headings, data. All in this browser.";

export function Layout({ children }: { children: ReactNode }) {
  const nonce = use(NonceContext);
  return (
    <html lang="en-GB" suppressHydrationWarning>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <meta name="description" content={DESCRIPTION} />
        {THEMES.map((theme) => (
          <meta
            key={theme}
            name="theme-color"
            content={PAPERS[theme]}
            media={`(prefers-color-scheme: ${theme})`}
            data-of={theme}
            suppressHydrationWarning
          />
        ))}
        <link rel="icon" href="/favicon.ico" sizes="32x32" />
        <link rel="icon" href="/icon.svg" type="image/svg+xml" />
        <link rel="manifest" href="/manifest.webmanifest" />
        <Meta />
        <Links />
        {/* Before the first paint, so that a dark desk does not flash white. */}
        <script nonce={nonce} suppressHydrationWarning>
          {THEME}
        </script>
      </head>
      <body>
        <noscript>
          <p>
            Keen Quill reads and edits your pages in this browser, and needs scripts to do so. Allow them for this
            address, then reload.
          </p>
        </noscript>
        {children}
        <ScrollRestoration nonce={nonce} />
        <Scripts nonce={nonce} />
      </body>
    </html>
  );
}

export default function App() {
  useEffect(() => {
    let end: (() => void) | null = null;
    // Whoever is quick has been in a field, and left it, before what keeps the focus is there.
    let last = document.activeElement;
    const note = ({ target }: FocusEvent) => {
      last = target as Element;
    };
    document.addEventListener("focusin", note);
    void import("./ui/focus-kept").then(({ keepFocus }) => {
      document.removeEventListener("focusin", note);
      if (end === null) end = keepFocus(last);
    });
    return () => {
      document.removeEventListener("focusin", note);
      end?.();
      end = () => {};
    };
  }, []);
  useEffect(leaveComposing, []);
  return (
    <Tooltip.Provider delayDuration={400}>
      <NoticeProvider>
        <StorageLost />
        <AskWhenLeft />
        <Outlet />
      </NoticeProvider>
    </Tooltip.Provider>
  );
}

export { Opening as HydrateFallback } from "./ui/opening";

export function ErrorBoundary() {
  const error = useRouteError();
  const { heading, text } = explain(error);
  return (
    <main className="mx-auto max-w-[35rem] p-8">
      <h1 className="font-serif text-24">{heading}</h1>
      <p className="mt-4 text-15">{text}</p>
      <p className="mt-4">
        <a className="text-blue underline" href="/">
          Go to the start
        </a>
      </p>
    </main>
  );
}

function explain(error: unknown): NotHere {
  if (error instanceof StorageFault) return { heading: error.heading, text: error.message };
  if (isRouteErrorResponse(error) && error.status === 404)
    return isNotHere(error.data)
      ? error.data
      : { heading: "There is nothing here", text: "This address leads nowhere. Your pages are where they were." };
  return {
    heading: "Something went wrong",
    text: `What you typed is kept. Reload to go on. (${error instanceof Error ? error.message : String(error)})`,
  };
}
