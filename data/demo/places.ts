/** The demo's waters: all invented. Positions lie in a country that is on no map's shore; about 60° north. */
export const DEMO_PLACES = [
  { id: 'vessamere-north', name: 'Lake Vessamere, north basin', latDeg: 60.2, lonDeg: 14.6, utcOffsetH: 2, salinity: 0, note: 'Deep and clear; drowned birches along the east shore. Two lures on a line at most.' },
  { id: 'vessamere-south', name: 'Lake Vessamere, south basin', latDeg: 60.1, lonDeg: 14.6, utcOffsetH: 2, salinity: 0, note: 'Peat-stained, grass and reed edges. Pike between 50 and 90 cm only.' },
  { id: 'quillskar', name: 'Quillskar inlet', latDeg: 59.9, lonDeg: 18.4, utcOffsetH: 2, salinity: 5, note: 'Brackish; boulders and a current at the narrows. Closed for sea trout in the brook mouths from September on.' },
  { id: 'ottermoss', name: 'Ottermoss brook', latDeg: 60.0, lonDeg: 15.1, utcOffsetH: 2, salinity: 0, note: 'Broken water. Single hooks only.' },
] as const

/** How each water usually is when it is first opened; the date is set to the day of opening. */
export const DEMO_WATERS = {
  'vessamere-north': { speciesId: 'perch', hour: 9, waterTempC: 18.5, visibilityM: 5, sky: 'sun', windMps: 3, currentMps: 0, depthM: 6, cover: { kind: 'rock', topM: 4, density: 0.3 }, forage: { kind: 'bleak', lengthM: 0.07 }, zone: { topM: 3, bottomM: 4.4 }, mood: 'neutral', castM: 32 },
  'vessamere-south': { speciesId: 'pike', hour: 7.5, waterTempC: 13, visibilityM: 1.3, sky: 'cloud', windMps: 5, currentMps: 0, depthM: 3, cover: { kind: 'grass', topM: 1.6, density: 0.5 }, forage: { kind: 'roach', lengthM: 0.09 }, zone: null, mood: 'active', castM: 30 },
  quillskar: { speciesId: 'sea-trout', hour: 6, waterTempC: 9, visibilityM: 3.5, sky: 'broken', windMps: 4, currentMps: 0.3, depthM: 5, cover: { kind: 'rock', topM: 3.4, density: 0.3 }, forage: { kind: 'herring', lengthM: 0.09 }, zone: null, mood: 'neutral', castM: 35 },
  ottermoss: { speciesId: 'sea-trout', hour: 18, waterTempC: 11, visibilityM: 1.8, sky: 'broken', windMps: 1, currentMps: 0.7, depthM: 1.6, cover: { kind: 'rock', topM: 1.2, density: 0.5 }, forage: { kind: 'stickleback', lengthM: 0.05 }, zone: null, mood: 'active', castM: 18 },
} as const
