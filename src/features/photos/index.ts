export { Photos } from './Photos'
export { SendPhotosLater } from './SendPhotosLater'
export { forgetWaitingPhotos, jobsWithWaitingPhotos } from './waiting'
