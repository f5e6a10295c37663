export * from './BookMenu';
export * from './download';
export * from './FileCards';
export * from './HistoryList';
