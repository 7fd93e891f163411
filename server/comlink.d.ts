declare module 'comlink/dist/esm/node-adapter.mjs' {
  export { default } from 'comlink/dist/esm/node-adapter';
}
