/** What the server sends and takes, feature by feature; the screens import from here. */
export * from './devices';
export * from './fade';
export * from './figures';
export * from './garage';
export * from './heat';
export * from './intake';
export * from './plan';
export * from './run';
export * from './stops';
export * from './tests';
