declare module 'react-native-web/dist/exports/FlatList' {
  const FlatList: unknown;
  export default FlatList;
}
