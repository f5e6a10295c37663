declare module 'geographiclib-geodesic' {
  const geodesic: {
    Geodesic: {
      WGS84: {
        /** Distance `s12` in metres between two places in degrees. */
        Inverse(lat1: number, lon1: number, lat2: number, lon2: number): { s12: number };
      };
    };
  };
  export default geodesic;
}
