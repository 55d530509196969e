export { ExplodedFigure } from './ExplodedFigure'
export { SectionFigure } from './SectionFigure'
export { figureToSvg } from './figureToSvg'
