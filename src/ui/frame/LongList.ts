import type { FlatList } from 'react-native';
// By file: from the index it would come into the first script, which shows no list.
import WebFlatList from 'react-native-web/dist/exports/FlatList';

/** A scrolling list of which only what is near the screen is drawn, however long it is. */
export const LongList = WebFlatList as unknown as typeof FlatList;
