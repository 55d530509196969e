export { centreAxle } from './centreAxle'
export { compareDepths } from './compareDepths'
export { judgeSpacerPair } from './spacerPair'
export { stackUp } from './stackUp'
