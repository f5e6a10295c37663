import type { Said } from './said';

export const MOTOR_OFF: Said = {
  what: 'Switch the motor off and take the battery out.',
  why: 'A motor that starts takes fingers with it.',
};

export const SAFE_PLACE: Said = {
  what: 'Get off the road, lean the bike where it stands firm.',
  why: 'Nobody should be working in traffic.',
};

export const gloves = (eyesToo: boolean, outdoors: boolean): Said => ({
  what: eyesToo
    ? `Put on gloves and eye protection${outdoors ? '' : ', open a window'}.`
    : 'Put on gloves.',
  why: 'Lube and degreaser belong on the chain, not on skin.',
});

export const COVER_ROTOR: Said = {
  what: 'Cover the rear rotor with a shower cap or a bag.',
  why: 'A film of oil on it, and the brake is gone.',
};

export const RINSE_MUD: Said = {
  what: 'Rinse the loose mud off with a soft stream.',
  why: 'Degreaser is for what water leaves.',
};

const SHIFT = {
  'to open': {
    what: 'Shift to the smallest cog and the smallest ring.',
    why: 'It leaves the chain slack, to be opened.',
  },
  'to clean': {
    what: 'Shift to the smallest cog and the largest ring.',
    why: 'The chain lies straight, and its rollers turn most.',
  },
  'to wipe': {
    what: 'Shift to the smallest cog.',
    why: 'The chain lies straight, and its rollers turn most.',
  },
} satisfies Record<string, Said>;

export const shift = (purpose: keyof typeof SHIFT): Said => SHIFT[purpose];

export const standIn = (where: 'stand' | 'upside down' | 'wall'): Said => ({
  what: {
    stand: 'Hang the bike in the stand. Lights and bags off.',
    'upside down': 'Stand the bike upside down on a cloth. Lights and bags off.',
    wall: 'Lean the bike on a wall, drive side out, or stand it upside down on a cloth. Lights and bags off.',
  }[where],
  why: 'The rear wheel must turn freely.',
});

export const washBike = (hose: boolean, glossy: boolean): Said => ({
  what: `Wash the bike from top to bottom${hose ? ' with a soft stream' : ''}: frame, wheels, drivetrain last.`,
  why: glossy
    ? 'Never a pressure washer at bearings.'
    : 'A matt or bare frame takes stains from degreaser: rinse it off at once.',
});
