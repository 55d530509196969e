import { parentPort } from 'node:worker_threads'
import { expose } from 'comlink'
import nodeEndpoint from 'comlink/dist/esm/node-adapter.mjs'
import { work } from '@/services/background/work'

if (parentPort) expose(work, nodeEndpoint(parentPort))
