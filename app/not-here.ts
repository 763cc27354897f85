import { data } from "react-router";

/** What an address leads to that is not there. */
export interface NotHere {
  heading: string;
  text: string;
}

/** To be thrown by a loader: the document says so by its title, its heading and its status. */
export const notHere = (heading: string, text: string) => data<NotHere>({ heading, text }, { status: 404 });

export const isNotHere = (thrown: unknown): thrown is NotHere =>
  typeof thrown === "object" && thrown !== null && "heading" in thrown && "text" in thrown;
