export { JobList } from './JobList'
export { NewJobForm } from './NewJobForm'
