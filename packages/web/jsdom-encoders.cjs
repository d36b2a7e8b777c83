/** What browsers have and jsdom lacks: the router asks for it when it is loaded. */
const { TextDecoder, TextEncoder } = require('node:util');

globalThis.TextEncoder ??= TextEncoder;
globalThis.TextDecoder ??= TextDecoder;
