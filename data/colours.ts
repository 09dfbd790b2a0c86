/**
 * Lure colours. `group` is the school of colour the match reasons in; `hex` is only how the drawing paints it.
 */
export const COLOURS = [
  { id: 'olive', name: 'Olive', hex: '#5d6b3a', group: 'natural' },
  { id: 'moss', name: 'Moss brown', hex: '#6b5a34', group: 'natural' },
  { id: 'brown', name: 'Brown', hex: '#6e4527', group: 'natural' },
  { id: 'smoke', name: 'Smoke', hex: '#8d9694', group: 'natural' },
  { id: 'blue-back', name: 'Steel blue', hex: '#45637f', group: 'natural' },
  { id: 'sand', name: 'Sand', hex: '#c9b48a', group: 'natural' },
  { id: 'bone', name: 'Bone', hex: '#e6dcc3', group: 'light' },
  { id: 'white', name: 'White', hex: '#f4f3ee', group: 'light' },
  { id: 'pearl', name: 'Pearl', hex: '#e3e4ec', group: 'light' },
  { id: 'silver', name: 'Silver', hex: '#b9c3c9', group: 'silver' },
  { id: 'gold', name: 'Gold', hex: '#c9a13d', group: 'gold' },
  { id: 'copper', name: 'Copper', hex: '#b06f3f', group: 'gold' },
  { id: 'chartreuse', name: 'Chartreuse', hex: '#c5d62e', group: 'hot' },
  { id: 'orange', name: 'Orange', hex: '#dd6b20', group: 'hot' },
  { id: 'red', name: 'Red', hex: '#b3261e', group: 'hot' },
  { id: 'pink', name: 'Pink', hex: '#d9729b', group: 'hot' },
  { id: 'green', name: 'Bright green', hex: '#3f9b4b', group: 'painted' },
  { id: 'blue', name: 'Bright blue', hex: '#2d6fb5', group: 'painted' },
  { id: 'purple', name: 'Purple', hex: '#5b3a78', group: 'dark' },
  { id: 'black', name: 'Black', hex: '#23211f', group: 'dark' },
] as const
