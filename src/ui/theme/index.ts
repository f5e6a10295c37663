export * from './colors';
export * from './ThemeContext';
export * from './Txt';
