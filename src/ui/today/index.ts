export * from './NoChain';
export * from './Readings';
export * from './VerdictLines';
export * from './OtherBikes';
export * from './QuickNotes';
export * from './RideReadoutLater';
export * from './NextJob';
export * from './StillOpen';
