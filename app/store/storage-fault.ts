/** A fault of the browser's storage, with what to do about it. */
export class StorageFault extends Error {
  constructor(
    readonly heading: string,
    message: string,
  ) {
    super(message);
  }
}
