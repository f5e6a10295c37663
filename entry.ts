// In this order: storage is read while the script that plays the log still comes, and the log is played while those of the screens do.
import './src/store/readAhead';
import './src/store/openHere';
import 'expo-router/entry';
