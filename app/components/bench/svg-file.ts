/** A picture of the page as a file of its own: its ink made fixed, so that it looks the same without the page's styles. */
export function svgText(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement
  const [, , width = '600', height = '400'] = (svg.getAttribute('viewBox') ?? '').split(' ')
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', width)
  copy.setAttribute('height', height)
  copy.removeAttribute('class')
  for (const element of copy.querySelectorAll('*')) {
    for (const name of element.getAttributeNames())
      if (name.startsWith('data-v-') || name === 'class') element.removeAttribute(name)
  }
  return new XMLSerializer().serializeToString(copy).replaceAll('currentColor', '#16302e')
}
