export { ExplodedFigure } from './ExplodedFigure'
export { SectionFigure } from './SectionFigure'
