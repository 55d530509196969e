/** Colours and fonts that a drawing takes from the page and must carry itself when it leaves it. */
const CARRIED = ['fill', 'stroke', 'font-family', 'font-size', 'font-weight', 'opacity'] as const

/** A drawing on the page as a file of its own: the figures of the page's style are written into it. */
export function figureToSvg(figure: SVGSVGElement): string {
  const copy = figure.cloneNode(true) as SVGSVGElement
  const drawn = [figure, ...figure.querySelectorAll('*')]
  const copied = [copy, ...copy.querySelectorAll('*')]
  drawn.forEach((element, i) => {
    const style = getComputedStyle(element)
    const target = copied[i]
    for (const name of CARRIED) target?.setAttribute(name, style.getPropertyValue(name))
    target?.removeAttribute('class')
    target?.removeAttribute('tabindex')
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  const { width, height } = figure.viewBox.baseVal
  copy.setAttribute('width', String(width))
  copy.setAttribute('height', String(height))
  return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(copy)}\n`
}
