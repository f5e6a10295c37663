import { registerRootComponent } from 'expo';

/**
 * In place of the router's way to draw an app, in pieces between which the page may answer: before it is drawn there is nothing to
 * answer to, and a verdict in one piece comes sooner.
 */
export const renderRootComponent = (App) => registerRootComponent(App);
