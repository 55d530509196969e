import 'server-only'
export { dropList, listDetail, lists, MAX_LIST_BYTES, previewList, remarksCsv, startImport } from './lists'
