import type { Phase } from '../bench/steps';
import type { BenchSchoolName, Tool, Water } from '../records/workshop';
import type { AddOn } from '../bench/addOns';
import type { SchoolWords } from './schools';

export const PHASE_LABEL: Record<Phase, string> = {
  prepare: 'Getting ready',
  clean: 'Cleaning',
  rinse: 'Rinsing',
  dry: 'Drying',
  check: 'Checking',
  lube: 'Lubing',
  wait: 'Waiting',
  close: 'Before you ride',
};

export const TOOL_LABEL: Record<Tool, string> = {
  stand: 'Work stand',
  scrubber: 'Scrubber',
  brushes: 'Brushes',
  'chain keeper': 'Chain keeper',
  air: 'Air duster or compressor',
  'link pliers': 'Quick-link pliers',
  'new link': 'A new link or pin',
  pot: 'Thermostat pot',
};

export const WATER_LABEL: Record<Water, string> = {
  hose: 'Hose or bucket',
  bottle: 'A bottle or kettle',
  none: 'No water',
};

export const ADD_ON_LABEL: Record<AddOn, string> = {
  wash: 'Wash the whole bike',
  'jockey wheels': 'Jockey wheels',
  cassette: 'Cassette',
  chainrings: 'Chainrings',
  brakes: 'Brake check',
  'no time to dry': 'No time to let it dry',
  measure: 'Measure its wear',
};

export const SCHOOL_WORDS: Record<BenchSchoolName, SchoolWords> = {
  where: {
    question: 'Where does the drop go?',
    answers: {
      'lower run': { label: 'Lower run', hint: 'The usual here: inside, nothing in the way.' },
      'top of the cog': {
        label: 'Top of the cog',
        hint: 'The chain slightly crossed; good for wax.',
      },
      'ring to derailleur': { label: 'Ring to derailleur', hint: 'Most room for the bottle.' },
      'both runs': {
        label: 'Both runs',
        hint: 'Upper run turning forwards, then lower run backwards. Needs the wheel off the ground.',
      },
    },
  },
  wipeAfter: {
    question: 'When is it wiped?',
    answers: {
      'by class': { label: 'By its class', hint: 'The usual here: when it has sunk in.' },
      'only what looks wet': { label: 'Only what looks wet', hint: 'Dabbed, not rubbed.' },
      'at once': { label: 'At once', hint: 'Least mess; a little less sinks in.' },
      'next morning': { label: 'Next morning', hint: 'Most sinks in; the bench waits for you.' },
      'not at all': {
        label: 'Not at all',
        hint: 'What stays outside keeps rust off, and holds more dirt.',
      },
    },
  },
  chainOff: {
    question: 'Chain off the bike?',
    answers: {
      'deep only': {
        label: 'For deep cleans',
        hint: 'The usual here: every opening wears the link.',
      },
      never: { label: 'Never', hint: 'Then baths and soaks are not offered.' },
    },
  },
  washOrder: {
    question: 'Washing the whole bike',
    answers: {
      'degreaser first': { label: 'Degreaser first', hint: 'It works while the frame is washed.' },
      'drivetrain last': { label: 'Drivetrain last', hint: 'The frame stays clean.' },
    },
  },
  rotor: {
    question: 'A rotor that was touched',
    answers: {
      alcohol: { label: 'Alcohol or brake cleaner', hint: 'The usual here, on a cool rotor.' },
      'soapy water': { label: 'Soapy water', hint: 'Rinsed and dried.' },
    },
  },
  pivots: {
    question: 'Pivots and springs',
    answers: {
      'a drop': { label: 'A drop each', hint: 'Wiped off: once a month they ride along.' },
      'chain only': { label: 'Chain only', hint: 'They are left alone.' },
    },
  },
  newChain: {
    question: 'A new chain',
    answers: {
      'by lube': { label: 'By the lube', hint: 'Stripped for wax and dry, wiped for wet.' },
      strip: { label: 'Strip it', hint: 'The factory grease is sticky.' },
      wipe: { label: 'Wipe and ride', hint: 'It is good grease.' },
    },
  },
};
