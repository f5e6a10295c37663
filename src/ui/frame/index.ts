export * from './Card';
export * from './Notice';
export * from './Page';
export * from './Places';
export * from './SetAsideStrip';
export * from './SideBySide';
export * from './StatusStrip';
export * from './useWide';
