export * from './BookMenu';
export * from './FileCards';
export * from './HistoryList';
export * from './RecorderCard';
export * from './WeatherCard';
