/** What a test can be marked as. */
export const TAGS = [{ name: "long", description: "npm test leaves it to npm run test:all" }];
