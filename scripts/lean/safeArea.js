import { createElement } from 'react';
import { View } from 'react-native';

/** In place of what measures the notches of a screen: the browser keeps the page clear of them (public/index.html). */
export const NativeSafeAreaProvider = ({ children, style }) =>
  createElement(View, { style }, children);
