/** The adapter as a module of its own name: run without a bundler, its file needs its ending. */
declare module 'comlink/dist/esm/node-adapter.mjs' {
  export { default } from 'comlink/dist/esm/node-adapter'
}
