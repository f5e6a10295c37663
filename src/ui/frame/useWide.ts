import { useWindowDimensions } from 'react-native';

/** From here on the bar becomes a rail and list and detail stand side by side. */
export const WIDE_PX = 900;

export const useWide = (): boolean => useWindowDimensions().width >= WIDE_PX;
