import { lazilyFrom } from '../lazily';

/** Loads them. */
export const load = () => import('.');

/** A form, loaded when shown. */
const lazily = lazilyFrom(load);

export const BikeForm = lazily('BikeForm');
export const ChainForm = lazily('ChainForm');
export const PlannedRideForm = lazily('PlannedRideForm');
export const RideForm = lazily('RideForm');
export const ProductForm = lazily('ProductForm');
export const WorkForm = lazily('WorkForm');
export const MeasureForm = lazily('MeasureForm');
export const ServiceHistory = lazily('ServiceHistory');
export const SwapChains = lazily('SwapChains');
export const WearCard = lazily('WearCard');
export const PartCard = lazily('PartCard');
export const PartForm = lazily('PartForm');
export const PartsCard = lazily('PartsCard');
export const SpareBox = lazily('SpareBox');
export const TogetherNote = lazily('TogetherNote');
export const BikeWear = lazily('BikeWear');
