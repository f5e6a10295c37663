import { sourceLine } from '../bill';

describe('what a bill rests on, in words', () => {
  it('says wear by 1,000 km, in figures a rider reads', () => {
    expect(sourceLine({ kind: 'constant', name: 'wearPerKm' }, 'metric')).toBe(
      'Clean and lubed: 0.028 % per 1,000 km; fitted to common practice; 0.02 to 0.04.',
    );
  });

  it('says wash-off with its spread, half to twice', () => {
    expect(sourceLine({ kind: 'wash-off', perMm: 0.03 }, 'metric')).toBe(
      'Wash-off: 0.03 of the film per mm; fitted to common practice; 0.015 to 0.06.',
    );
  });
});
