export * from './Button';
export * from './Choice';
export * from './Field';
export * from './MomentField';
export * from './FormFoot';
export * from './FilePick';
export * from './ProgressBar';
export * from './Slider';
