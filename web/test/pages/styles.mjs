/** A style sheet in a test: each class is called as it is written. */
export default new Proxy({}, { get: (_, name) => (name === '__esModule' ? false : name) });
