declare module 'psychrolib' {
  const psychrolib: {
    SI: unknown;
    SetUnitSystem(system: unknown): void;
    /** Saturation vapour pressure in Pa at a temperature in C. */
    GetSatVapPres(celsius: number): number;
  };
  export default psychrolib;
}
