export { MeasureForm } from './MeasureForm';
export { WearCard } from './WearCard';
export { SwapChains } from './SwapChains';
export { ServiceHistory } from './ServiceHistory';
