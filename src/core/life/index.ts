export { ballRating } from './ballRating'
export { judgeLife } from './judgeLife'
export { typicalRating } from './typicalRating'
