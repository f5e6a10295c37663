export * from './Inspection';
export * from './NoChain';
export * from './Readings';
export * from './Swatches';
export * from './VerdictLines';
export * from './OtherBikes';
export * from './QuickNotes';
export * from './RideReadout';
