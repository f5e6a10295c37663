/** Shows on the app's icon how many jobs are due; nothing where the browser has no badges. Source: W3C Badging API. */
export function showBadge(due: number): void {
  if (!('setAppBadge' in navigator)) return;
  // Not granted, or not installed: the icon stays as it is.
  void (due > 0 ? navigator.setAppBadge(due) : navigator.clearAppBadge()).catch(() => undefined);
}
