const { createElement } = require('react');
const { View } = require('react-native');

/** In place of what measures the notches of a screen: the browser keeps the page clear of them (public/index.html). */
exports.NativeSafeAreaProvider = ({ children, style }) => createElement(View, { style }, children);
