import 'server-only'
export { dropList, listDetail, lists, MOST_LIST_BYTES, previewList, remarksCsv, startImport } from './lists'
