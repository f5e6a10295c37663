import { useOpenLogbook } from './OpenContext';
import { useDispatch, useSelector } from 'react-redux';
import type { AppDispatch, RootState } from './store';

export const useAppDispatch = useDispatch.withTypes<AppDispatch>();
export const useAppSelector = useSelector.withTypes<RootState>();

/** Gives new ids, from the same edge the commands use. */
export const useNewId = (): (() => string) => useOpenLogbook().edge.newId;
