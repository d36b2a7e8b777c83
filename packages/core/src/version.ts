/** Version of the knowledge: asanas, conditions and the body. Stored with every plan that was made with it. */
export const LIBRARY_VERSION = '2026.11';
/** Version of the objects that programs rely on: the terminal's and the server's. */
export const CONTRACT = 1;
