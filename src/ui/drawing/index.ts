export { ExplodedFigure } from './ExplodedFigure'
export { OverlayFigure, type Laid } from './OverlayFigure'
export { SectionFigure } from './SectionFigure'
export { figureToSvg } from './figureToSvg'
