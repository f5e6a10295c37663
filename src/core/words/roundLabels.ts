import type { Round, RoundEnd } from '../records/rounds';

export const ROUND_LABEL: Record<Round, string> = {
  tyres: 'Tyres',
  'brake pads': 'Brake pads',
  rotors: 'Rotors',
  rims: 'Rims',
  'jockey bearings': 'Jockey wheel bearings',
  pivots: 'Pivots and springs',
  cables: 'Cables',
  bolts: 'Bolts and screws',
  freehub: 'Freehub',
  cranks: 'Cranks and bottom bracket',
};

export const ROUND_END_LABEL: Record<RoundEnd, string> = {
  fine: 'Looked at, fine',
  'put right': 'Put right',
  workshop: 'For the workshop',
};
