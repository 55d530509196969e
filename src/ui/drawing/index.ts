export { ExplodedFigure } from './ExplodedFigure'
export { SectionFigure, type Measured } from './SectionFigure'
