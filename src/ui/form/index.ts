export * from './Button';
export * from './Choice';
export * from './Field';
export * from './MomentField';
export * from './FormFoot';
export * from './FilePick';
