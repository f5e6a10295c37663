// In this order: the logbook is read and played while the scripts of the screens still come.
import './src/store/openHere';
import 'expo-router/entry';
