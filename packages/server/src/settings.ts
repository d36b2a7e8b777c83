export interface DatabaseUser {
  readonly name: string;
  readonly password: string;
}

/** What the server is told by its environment; the start command sets all of it. */
export interface Settings {
  readonly port: number;
  readonly host: string;
  readonly database: {
    readonly host: string;
    readonly port: number;
    readonly name: string;
    /** Who works with the tables. */
    readonly user: DatabaseUser;
    /** Who makes and changes them, at the start alone. */
    readonly owner: DatabaseUser;
  };
  /** Folder of the built front, or `null` when something else serves it. */
  readonly web: string | null;
  /** Whether this is the demo: invented people in a database of their own, entered with one click. */
  readonly demo: boolean;
  /** Where the demo is, for whoever looks at an installation of their own; `null` where there is none. */
  readonly demoAddress: string | null;
  /** Whether a proxy before it speaks TLS: cookies then travel by TLS alone, and the proxy's word on addresses counts. */
  readonly https: boolean;
  readonly log: boolean;
  /** The compiled file with the work that is done beside the server (`work/jobs.ts`). */
  readonly worker: string;
}

/** What the settings are injected by. */
export const SETTINGS = Symbol('settings');

function needed(env: NodeJS.ProcessEnv, name: string): string {
  const value = env[name];
  if (value === undefined || value === '') throw new Error(`${name} is not set; start with: npm start`);
  return value;
}

function port(env: NodeJS.ProcessEnv, name: string): number {
  const value = Number(needed(env, name));
  if (!Number.isInteger(value) || value < 0 || value > 65535) throw new Error(`${name} is "${env[name]}"; expected a port from 0 to 65535`);
  return value;
}

/** @param worker where the compiled `work/jobs.js` lies */
export function readSettings(env: NodeJS.ProcessEnv, worker: string): Settings {
  return {
    port: port(env, 'LOTUS_PORT'),
    host: env['LOTUS_HOST'] ?? '127.0.0.1',
    database: {
      host: '127.0.0.1',
      port: port(env, 'LOTUS_DB_PORT'),
      name: needed(env, 'LOTUS_DB_NAME'),
      user: { name: needed(env, 'LOTUS_DB_USER'), password: needed(env, 'LOTUS_DB_PASSWORD') },
      owner: { name: needed(env, 'LOTUS_DB_OWNER'), password: needed(env, 'LOTUS_DB_OWNER_PASSWORD') },
    },
    web: env['LOTUS_WEB'] ?? null,
    demo: env['LOTUS_DEMO'] === '1',
    demoAddress: env['LOTUS_DEMO_ADDRESS'] || null,
    https: env['LOTUS_HTTPS'] === '1',
    log: env['LOTUS_LOG'] !== '0',
    worker,
  };
}
