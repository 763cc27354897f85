// What was built is served as it was built. Packages look when they are loaded: this has to be imported before any of them.
process.env.NODE_ENV = "production";
