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
import { type ReactNode, use } from "react";
import { isRouteErrorResponse, Links, Meta, Outlet, Scripts, ScrollRestoration, useRouteError } from "react-router";
import { StorageFault } from "./store/storage-fault";
import { AskWhenLeft } from "./ui/ask-when-left";
import { NonceContext } from "./ui/nonce";
import { NoticeProvider } from "./ui/notice";
import { StorageLost } from "./ui/storage-lost";

const THEME = `try{var t=localStorage.getItem("theme");if(t)document.documentElement.dataset.theme=t}catch(e){}`;

export function Layout({ children }: { children: ReactNode }) {
  const nonce = use(NonceContext);
  return (
    <html lang="en-GB" suppressHydrationWarning>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <link rel="icon" href="/icon.svg" type="image/svg+xml" />
        <Meta />
        <Links />
        {/* Before the first paint, so that a dark desk does not flash white. */}
        <script nonce={nonce} suppressHydrationWarning>
          {THEME}
        </script>
      </head>
      <body>
        {children}
        <ScrollRestoration nonce={nonce} />
        <Scripts nonce={nonce} />
      </body>
    </html>
  );
}

export default function App() {
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

export function HydrateFallback() {
  return <main className="p-8 text-ink-soft">Opening the desk…</main>;
}

export function ErrorBoundary() {
  const error = useRouteError();
  const [heading, text] = explain(error);
  return (
    <main className="mx-auto max-w-[560px] p-8">
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

function explain(error: unknown): [string, string] {
  if (error instanceof StorageFault) return [error.heading, error.message];
  if (isRouteErrorResponse(error) && error.status === 404) {
    return [
      "There is nothing here",
      typeof error.data === "string" && error.data
        ? error.data
        : "This address leads nowhere. Your pages are where they were.",
    ];
  }
  return [
    "Something went wrong",
    `What you typed is kept. Reload to go on. (${error instanceof Error ? error.message : String(error)})`,
  ];
}
