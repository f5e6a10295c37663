/** In place of the router's stack of native screens: the frame draws its own places in a Slot. */
exports.createNativeStackNavigator = () => ({ Navigator: null });
